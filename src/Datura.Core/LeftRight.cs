namespace Datura.Core;

/// <summary>How the left of a part differs from its right, as the wearer has them.</summary>
/// <param name="HigherMm">How much higher the left lies (negative: lower).</param>
/// <param name="FartherOutMm">How much farther from the mid-line.</param>
public sealed record LeftRight(double LeftCm2, double RightCm2, double HigherMm, double FartherOutMm);

namespace Datura.Core.Learn;

/// <summary>How often sessions kept within what was said with one surety.</summary>
/// <param name="Promised">Share that was said, 0 to 1.</param>
/// <param name="Held">Share that did.</param>
/// <param name="Low">Lower end of the 95 % in which the true share lies.</param>
/// <param name="High">Upper end.</param>
public sealed record ReliabilityPoint(double Promised, double Held, double Low, double High)
{
    /// <summary>Whether what was said may be true.</summary>
    public bool IsHonest => Low <= Promised && Promised <= High;
}

namespace Datura.Core.Days;

/// <summary>How long a look of a menu takes at the booth.</summary>
/// <param name="SdMinutes">Standard deviation from face to face.</param>
public sealed record MenuTime(double Minutes, double SdMinutes);

namespace Datura.Domain;

/// <summary>A move on the skin, mm: away from the mid-line (for a part across it, towards the wearer's left) and up.</summary>
public readonly record struct Move(double OutMm, double UpMm)
{
    /// <summary>Farther than this a part hangs on something else.</summary>
    public const double MostMm = 80;
}

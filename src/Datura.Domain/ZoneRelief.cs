namespace Datura.Domain;

/// <summary>A zone that the painter wants raised or sunk.</summary>
/// <param name="Mm">Height over the skin, negative for a hollow.</param>
/// <param name="FalloffMm">Width over which it runs out.</param>
public sealed record ZoneRelief(string Zone, Side Side, double Mm, double FalloffMm)
{
    public const double MostMm = 20;
}

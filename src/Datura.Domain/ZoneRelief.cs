using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A zone that the painter wants raised or sunk.</summary>
/// <param name="Mm">Height over the skin, negative for a hollow.</param>
/// <param name="FalloffMm">Width over which it runs out.</param>
public sealed record ZoneRelief(string Zone, Side Side, [property: Range(-20, 20)] double Mm, [property: Range(1, 60)] double FalloffMm);

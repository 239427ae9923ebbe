namespace Datura.Core.Form;

/// <summary>A hollow or a light by its anatomical name.</summary>
/// <param name="Tone">Number of its tone, 1 the lightest.</param>
public sealed record FormPlace(string Zone, Side Side, int Tone, bool IsLight, double AreaCm2);

namespace Datura.Core.Fit;

/// <summary>A coat whose paints the kit in hand does not hold, and the mix of that kit which takes their place.</summary>
/// <param name="Wanted">The paints of the look.</param>
/// <param name="WantedWords">The same as the painter reads it.</param>
/// <param name="Mix">What stands in.</param>
/// <param name="DeltaE">How far off it is, CIEDE2000 of the opaque colours; null when the wanted colour is not known.</param>
public sealed record StandIn(string PartId, string Role, PaintMix Wanted, string WantedWords, PaintMix Mix, double? DeltaE);

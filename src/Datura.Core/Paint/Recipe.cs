namespace Datura.Core.Paint;

/// <summary>A mix of paints in small whole parts and how near it comes.</summary>
/// <param name="Colour">Of the mix when no ground shows through.</param>
/// <param name="DeltaE">CIEDE2000 to the wanted colour.</param>
public sealed record Recipe(PaintMix Mix, Lab Colour, double DeltaE);

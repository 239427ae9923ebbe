namespace Datura.Core.Paint;

/// <summary>A thin film that gives a colour with the skin shining through.</summary>
/// <param name="FilmUm">µm dry.</param>
/// <param name="Share">Of the usual film of its paints.</param>
/// <param name="Seen">Colour on the skin.</param>
/// <param name="DeltaE">CIEDE2000 to the wanted colour.</param>
public sealed record Wash(PaintMix Mix, double FilmUm, double Share, Lab Seen, double DeltaE);

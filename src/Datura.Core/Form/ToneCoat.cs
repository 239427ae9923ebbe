namespace Datura.Core.Form;

/// <summary>What makes one tone over the base.</summary>
/// <param name="Film">Share of the usual film.</param>
/// <param name="ReachedL">L* it comes to.</param>
public sealed record ToneCoat(PaintMix Mix, double Film, double ReachedL)
{
    public CoatLay Lay => new(Math.Clamp(Math.Round(Film, 2), CoatLay.LeastFilm, CoatLay.MostFilm));
}

using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Form;

/// <summary>What makes one tone over the base.</summary>
/// <param name="Film">Share of the usual film.</param>
/// <param name="ReachedL">L* it comes to.</param>
public sealed record ToneCoat(PaintMix Mix, double Film, double ReachedL)
{
    public CoatLay Lay => new(Math.Clamp(Math.Round(Film, 2), CoatLay.LeastFilm, CoatLay.MostFilm));
}

/// <summary>
/// Finds paints of the kit for tones over a base by the chosen school: powder, thin wash or a nearly dry sponge. Of all that reach
/// the lightness, the one that shifts the hue least.
/// </summary>
public sealed class ToneCoats
{
    // More than this is no shade any more but a coat.
    private const double MostFilm = 1.2;

    private readonly PaintStack ground;
    private readonly Lab groundColour;
    private readonly (PaintMix Mix, PaintOptics Paint, double UsualUm, Lab Full)[] candidates;

    public ToneCoats(Kit kit, PaintStack ground, ShadeWith school)
    {
        (this.ground, groundColour) = (ground, ground.Colour());
        var paints = kit.Paints.Where(p => Serves(p, school)).ToArray();
        // Without powders in the box a matt wash stands in (common practice: matt eye shadow or thin wash).
        paints = paints.Length > 0 ? paints : [.. kit.Paints.Where(p => Serves(p, ShadeWith.Wash))];
        var pairs = school == ShadeWith.Powder ? [] : paints.SelectMany((a, k) => paints.Skip(k + 1).Select(b => new PaintMix([new(a.Id, 1), new(b.Id, 1)])));
        candidates = [.. paints.Select(p => new PaintMix([new(p.Id, 1)])).Concat(pairs).Select(mix =>
        {
            var (paint, usual) = (PaintOptics.Of(mix, kit), mix.Shares.Average(s => PaintOptics.Find(kit, s.Paint).CoatFilmUm));
            return (mix, paint, usual, ground.With(paint, MostFilm * usual).Colour());
        })];
        Bounds = candidates.Length == 0
            ? new(groundColour.L, groundColour.L)
            : new(Math.Min(groundColour.L, candidates.Min(c => c.Full.L)), Math.Max(groundColour.L, candidates.Max(c => c.Full.L)));
    }

    /// <summary>How dark and how light the box can go over this base.</summary>
    public ToneBounds Bounds { get; }

    /// <returns>Null when nothing in the kit changes the base that way.</returns>
    public ToneCoat? For(double wantedL)
    {
        var able = candidates.Where(c => wantedL < groundColour.L ? c.Full.L <= wantedL : c.Full.L >= wantedL).ToArray();
        if (able.Length == 0)
        {
            var nearest = candidates.Where(c => (c.Full.L - groundColour.L) * (wantedL - groundColour.L) > 0).OrderBy(c => Math.Abs(c.Full.L - wantedL)).FirstOrDefault();
            return nearest.Mix is null ? null : new(nearest.Mix, MostFilm, nearest.Full.L);
        }

        return able.AsParallel().AsOrdered().Select(c =>
        {
            var film = Film(c.Paint, c.UsualUm, wantedL);
            var seen = ground.With(c.Paint, film * c.UsualUm).Colour();
            return (Coat: new ToneCoat(c.Mix, film, seen.L), Shift: Math.Sqrt((seen.A - groundColour.A) * (seen.A - groundColour.A) + (seen.B - groundColour.B) * (seen.B - groundColour.B)) + 0.5 * c.Mix.Shares.Count);
        }).MinBy(c => c.Shift).Coat;
    }

    private double Film(PaintOptics paint, double usualUm, double wantedL)
    {
        var (low, high) = (0.0, MostFilm);
        for (var k = 0; k < 12; k++)
        {
            var middle = (low + high) / 2;
            var l = ground.With(paint, middle * usualUm).Colour().L;
            (low, high) = (wantedL < groundColour.L ? l <= wantedL : l >= wantedL) ? (low, middle) : (middle, high);
        }

        return Math.Max(CoatLay.LeastFilm, high);
    }

    private static bool Serves(PaintDescription paint, ShadeWith school) => paint.Finish is Finish.Matt or Finish.Satin && school switch
    {
        ShadeWith.Powder => paint.Material == Material.Powder,
        _ => paint.Material is Material.WaterCake or Material.SplitCake or Material.Pigment,
    };
}

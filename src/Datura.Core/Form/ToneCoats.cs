using Datura.Core.Paint;

namespace Datura.Core.Form;

/// <summary>
/// Finds paints of the kit for tones over a base by the chosen school: powder, thin wash or a nearly dry sponge. Of all that reach
/// the lightness, the one that shifts the hue least.
/// </summary>
public sealed class ToneCoats
{
    // More than this is no shade any more but a coat.
    private const double MostFilm = 1.2;

    // Films at which every candidate is tried beforehand; between them lightness is taken as straight until the best one is known.
    private static readonly double[] Films = [0, MostFilm / 16, MostFilm / 8, MostFilm / 4, MostFilm / 2, MostFilm];

    private readonly PaintStack ground;
    private readonly Lab groundColour;
    private readonly Candidate[] candidates;

    public Kit Kit { get; }

    public ToneCoats(Kit kit, PaintStack ground, ShadeWith school)
    {
        (Kit, this.ground, groundColour) = (kit, ground, ground.Colour());
        var paints = kit.Paints.Where(p => Serves(p, school)).ToArray();
        // Without powders in the box a matt wash stands in (common practice: matt eye shadow or thin wash).
        paints = paints.Length > 0 ? paints : [.. kit.Paints.Where(p => Serves(p, ShadeWith.Wash))];
        var pairs = school == ShadeWith.Powder ? [] : paints.SelectMany((a, k) => paints.Skip(k + 1).Select(b => new PaintMix([new(a.Id, 1), new(b.Id, 1)])));
        candidates = [.. paints.Select(p => new PaintMix([new(p.Id, 1)])).Concat(pairs).AsParallel().AsOrdered().Select(mix =>
        {
            var (paint, usual) = (PaintOptics.Of(mix, kit), mix.Shares.Average(s => PaintOptics.Find(kit, s.Paint).CoatFilmUm));
            return new Candidate(mix, paint, usual, [groundColour.L, .. Films.Skip(1).Select(film => ground.With(paint, film * usual).Colour().L)]);
        })];
        Bounds = candidates.Length == 0
            ? new(groundColour.L, groundColour.L)
            : new(Math.Min(groundColour.L, candidates.Min(c => c.FullL)), Math.Max(groundColour.L, candidates.Max(c => c.FullL)));
    }

    /// <summary>How dark and how light the box can go over this base.</summary>
    public ToneBounds Bounds { get; }

    /// <returns>Null when nothing in the kit changes the base that way.</returns>
    public ToneCoat? For(double wantedL)
    {
        var able = candidates.Where(c => wantedL < groundColour.L ? c.FullL <= wantedL : c.FullL >= wantedL).ToArray();
        if (able.Length == 0)
        {
            var nearest = candidates.Where(c => (c.FullL - groundColour.L) * (wantedL - groundColour.L) > 0).OrderBy(c => Math.Abs(c.FullL - wantedL)).FirstOrDefault();
            return nearest is null ? null : new(nearest.Mix, MostFilm, nearest.FullL);
        }

        var best = able.AsParallel().AsOrdered().Select(c =>
        {
            var seen = ground.With(c.Paint, c.FilmNear(wantedL) * c.UsualUm).Colour();
            return (Candidate: c, Shift: Math.Sqrt((seen.A - groundColour.A) * (seen.A - groundColour.A) + (seen.B - groundColour.B) * (seen.B - groundColour.B)) + 0.5 * c.Mix.Shares.Count);
        }).MinBy(c => c.Shift).Candidate;
        var film = Film(best, wantedL);
        return new(best.Mix, film, ground.With(best.Paint, film * best.UsualUm).Colour().L);
    }

    private double Film(Candidate candidate, double wantedL)
    {
        var (low, high) = (0.0, MostFilm);
        for (var k = 0; k < 12; k++)
        {
            var middle = (low + high) / 2;
            var l = ground.With(candidate.Paint, middle * candidate.UsualUm).Colour().L;
            (low, high) = (wantedL < groundColour.L ? l <= wantedL : l >= wantedL) ? (low, middle) : (middle, high);
        }

        return Math.Max(CoatLay.LeastFilm, high);
    }

    private static bool Serves(PaintDescription paint, ShadeWith school) => paint.Finish is Finish.Matt or Finish.Satin && school switch
    {
        ShadeWith.Powder => paint.Material == Material.Powder,
        _ => paint.Material is Material.WaterCake or Material.SplitCake or Material.Pigment,
    };

    /// <param name="Lightness">L* at each of the <see cref="Films"/>.</param>
    private sealed record Candidate(PaintMix Mix, PaintOptics Paint, double UsualUm, double[] Lightness)
    {
        public double FullL => Lightness[^1];

        /// <summary>Film that comes about to a lightness it can reach.</summary>
        public double FilmNear(double wantedL)
        {
            var k = 1;
            while (k < Films.Length - 1 && (FullL < Lightness[0] ? Lightness[k] > wantedL : Lightness[k] < wantedL))
            {
                k++;
            }

            var step = Lightness[k] - Lightness[k - 1];
            return Films[k - 1] + (Films[k] - Films[k - 1]) * (Math.Abs(step) < 1e-9 ? 1 : Math.Clamp((wantedL - Lightness[k - 1]) / step, 0, 1));
        }
    }
}

namespace Datura.Core.Paint;

/// <summary>
/// The nearest wash to a wanted colour on one skin: every paint alone and every pair in three strengths, each at the film that
/// suits it best.
/// </summary>
public static class WashSearch
{
    private static readonly (double A, double B)[] Strengths = [(1, 1), (2, 1), (1, 2)];

    // Films tried, as shares of the usual one; the best is then narrowed down.
    private static readonly double[] Films = [0.05, 0.1, 0.18, 0.3, 0.5, 0.8];

    private const int Finalists = 12;
    private const double MostShare = 1;

    /// <exception cref="InputException">No paint may be used.</exception>
    public static Wash For(Lab wanted, PaintStack skin, IReadOnlyList<PaintDescription> paints)
    {
        if (paints.Count == 0)
        {
            throw new InputException("kit", ProblemCode.NoPaintAllowed);
        }

        var optics = paints.Select(PaintOptics.Of).ToArray();
        return Mixes(paints, optics).AsParallel().AsOrdered()
            .Select(m => (Candidate: m, Film: Films.MinBy(f => Off(m, f)), Best: Films.Min(f => Off(m, f))))
            .OrderBy(m => m.Best).Take(Finalists).Select(m => Narrowed(m.Candidate, m.Film)).MinBy(w => w.DeltaE)!;

        double Off(Candidate mix, double share) => ColourDifference.DeltaE00(wanted, skin.With(mix.Paint, share * mix.UsualUm).Colour());

        Wash Narrowed(Candidate mix, double near)
        {
            var share = Lowest(s => Off(mix, s), Math.Max(CoatLay.LeastFilm, near / 1.9), Math.Min(MostShare, near * 1.9));
            var seen = skin.With(mix.Paint, share * mix.UsualUm).Colour();
            return new(mix.Mix, share * mix.UsualUm, share, seen, ColourDifference.DeltaE00(wanted, seen));
        }
    }

    private sealed record Candidate(PaintMix Mix, PaintOptics Paint, double UsualUm);

    private static IEnumerable<Candidate> Mixes(IReadOnlyList<PaintDescription> paints, PaintOptics[] optics)
    {
        for (var a = 0; a < paints.Count; a++)
        {
            yield return new(new([new(paints[a].Id, 1)]), optics[a], paints[a].CoatFilmUm);
            for (var b = a + 1; b < paints.Count; b++)
            {
                foreach (var (pa, pb) in Strengths)
                {
                    yield return new(
                        new([new(paints[a].Id, pa), new(paints[b].Id, pb)]), WetFilm.Of(optics[a], pa, optics[b], pb).Paint,
                        (pa * paints[a].CoatFilmUm + pb * paints[b].CoatFilmUm) / (pa + pb));
                }
            }
        }
    }

    // Golden section: the difference has one valley between neighbouring films.
    private static double Lowest(Func<double, double> of, double from, double to)
    {
        const double golden = 0.618033988749895;
        for (var k = 0; k < 18; k++)
        {
            double a = to - golden * (to - from), b = from + golden * (to - from);
            (from, to) = of(a) < of(b) ? (from, b) : (a, to);
        }

        return (from + to) / 2;
    }
}

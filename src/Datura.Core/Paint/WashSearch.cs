namespace Datura.Core.Paint;

/// <summary>
/// The nearest wash to a wanted colour on one skin: every paint alone and every pair in three strengths, each at the film that
/// suits it best. Of a large kit only the likeliest are tried in pairs.
/// </summary>
public static class WashSearch
{
    private static readonly (double A, double B)[] Strengths = [(1, 1), (2, 1), (1, 2)];

    // Films tried, as shares of the usual one; the best is then narrowed down.
    private static readonly double[] Films = [0.05, 0.1, 0.18, 0.3, 0.5, 0.8];

    private const int Finalists = 12;
    private const double MostShare = 1;

    /// <summary>Of so many the pairs are tried; pairs of 500 paints take eight seconds and a quarter of a gigabyte (measured).</summary>
    private const int MostInPairs = 100;

    /// <exception cref="InputException">No paint may be used.</exception>
    public static Wash For(Lab wanted, PaintStack skin, IReadOnlyList<PaintDescription> paints) => For(wanted, skin, paints, MostInPairs);

    internal static Wash For(Lab wanted, PaintStack skin, IReadOnlyList<PaintDescription> paints, int mostInPairs)
    {
        if (paints.Count == 0)
        {
            throw new InputException("kit", ProblemCode.NoPaintAllowed);
        }

        var alone = paints.Select(p => new Candidate(new([new(p.Id, 1)]), PaintOptics.Of(p), p.CoatFilmUm)).ToArray();
        var likeliest = alone.Length <= mostInPairs ? alone : [.. alone.AsParallel().AsOrdered().OrderBy(c => Films.Min(f => Off(c, f))).Take(mostInPairs)];
        return alone.Concat(Pairs(likeliest)).AsParallel().AsOrdered()
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

    private static IEnumerable<Candidate> Pairs(Candidate[] alone)
    {
        for (var a = 0; a < alone.Length; a++)
        {
            for (var b = a + 1; b < alone.Length; b++)
            {
                foreach (var (pa, pb) in Strengths)
                {
                    yield return new(
                        new([alone[a].Mix.Shares[0] with { Parts = pa }, alone[b].Mix.Shares[0] with { Parts = pb }]), WetFilm.Of(alone[a].Paint, pa, alone[b].Paint, pb).Paint,
                        (pa * alone[a].UsualUm + pb * alone[b].UsualUm) / (pa + pb));
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

namespace Datura.Core.Paint;

/// <summary>
/// Tries every mix of one, two and three paints in parts of 1 to 6 (of three, in a large kit, among the likeliest). All are tried on every third band; the nearest few are then
/// reckoned on all bands (measured: five times faster, and the same answers on the demo kit).
/// </summary>
public static class RecipeSearch
{
    private const int Finalists = 60;

    // Groups of about even size, a few for each core.
    private const int Tasks = 8;

    /// <summary>
    /// Triples grow with the cube: of more paints than this only the likeliest are tried three at a time, singles and pairs of all.
    /// </summary>
    public const int MostInThrees = 48;

    /// <summary>Fewer paints are less work; a third paint must earn this much.</summary>
    private const double WorthDeltaE = 0.5;

    /// <param name="paints">Paints that may be used, at least one.</param>
    /// <exception cref="InputException">No paint may be used, or no such colour.</exception>
    public static RecipeAnswer For(Lab wanted, IReadOnlyList<PaintDescription> paints)
    {
        if (paints.Count == 0)
        {
            throw new InputException("kit", ProblemCode.NoPaintAllowed);
        }

        if (!(wanted.L is >= 0 and <= 100 && Math.Abs(wanted.A) <= 130 && Math.Abs(wanted.B) <= 130))
        {
            throw new InputException("colour", ProblemCode.NoSuchColour);
        }

        var optics = paints.Select(PaintOptics.Of).ToArray();
        var single = Enumerable.Range(0, paints.Count).Select(k => Exact(wanted, paints, optics, [k], [1])).MinBy(r => r.DeltaE)!;
        var mixes = Mixes(wanted, optics).Select(m => Exact(wanted, paints, optics, m.Paints, m.Parts)).Append(single).ToArray();
        var best = new[] { 1, 2, 3 }.Select(n => mixes.Where(m => m.Mix.Shares.Count == n).MinBy(m => m.DeltaE)).OfType<Recipe>()
            .Aggregate((a, b) => b.DeltaE < a.DeltaE - WorthDeltaE ? b : a);
        return new(best, single);
    }

    /// <summary>Every pair and triple of paints with every set of parts, the nearest first, thinly reckoned.</summary>
    private static IEnumerable<(int[] Paints, int[] Parts)> Mixes(Lab wanted, PaintOptics[] optics)
    {
        var mixes = new MixColours(optics);
        // The sets found first are the plainest; the bar they set leaves most of the rest out by lightness alone (measured).
        return mixes.Sets(optics.Length > MostInThrees ? Likeliest(wanted, mixes, optics.Length) : null).GroupBy(s => s[^1] % Tasks).AsParallel().SelectMany(group =>
        {
            var near = new PriorityQueue<(int[] Paints, int[] Parts), double>();
            var worst = double.MaxValue;
            foreach (var set in group)
            {
                foreach (var parts in MixColours.Parts(set.Length))
                {
                    var seen = mixes.Seen(set, parts);
                    var off = MixColours.Lightness(seen) - wanted.L;
                    if (off * off > worst)
                    {
                        continue;
                    }

                    var d = Near(wanted, mixes.Colour(seen));
                    if (near.Count < Finalists)
                    {
                        near.Enqueue((set, parts), -d);
                    }
                    else if (d < worst)
                    {
                        near.EnqueueDequeue((set, parts), -d);
                        near.TryPeek(out _, out var farthest);
                        worst = -farthest;
                    }
                }
            }

            return near.UnorderedItems.ToArray();
        }).OrderByDescending(m => m.Priority).Take(4 * Finalists).Select(m => m.Element);
    }

    /// <summary>Of many paints those that come nearest in a pair: a third paint mends a pair that is nearly there.</summary>
    private static HashSet<int> Likeliest(Lab wanted, MixColours mixes, int paints)
    {
        var nearest = Enumerable.Repeat(double.MaxValue, paints).ToArray();
        foreach (var set in mixes.Sets(new HashSet<int>()))
        {
            var d = MixColours.Parts(set.Length).Min(parts => Near(wanted, mixes.Colour(mixes.Seen(set, parts))));
            foreach (var paint in set)
            {
                nearest[paint] = Math.Min(nearest[paint], d);
            }
        }

        return [.. Enumerable.Range(0, paints).OrderBy(p => nearest[p]).Take(MostInThrees)];
    }

    private static Recipe Exact(Lab wanted, IReadOnlyList<PaintDescription> paints, PaintOptics[] optics, int[] which, int[] parts)
    {
        double total = parts.Sum();
        var k = new double[Spectrum.Bands];
        var s = new double[Spectrum.Bands];
        for (var p = 0; p < which.Length; p++)
        {
            for (var b = 0; b < Spectrum.Bands; b++)
            {
                k[b] += parts[p] / total * optics[which[p]].K[b];
                s[b] += parts[p] / total * optics[which[p]].S[b];
            }
        }

        var colour = new PaintStackProbe(new(k, s)).OpaqueColour;
        return new(new([.. which.Select((w, p) => new PaintShare(paints[w].Id, parts[p]))]), colour, ColourDifference.DeltaE00(wanted, colour));
    }

    // Plain distance is enough to tell who may be nearest.
    private static double Near(Lab a, Lab b) => (a.L - b.L) * (a.L - b.L) + (a.A - b.A) * (a.A - b.A) + (a.B - b.B) * (a.B - b.B);
}

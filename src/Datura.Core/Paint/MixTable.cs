using System.Collections.Concurrent;

namespace Datura.Core.Paint;

/// <summary>For several colours at once, the sets of at most three paints of which some mix comes near enough.</summary>
internal static class MixTable
{
    /// <returns>Per colour the sets as bits of the paints' places, none holding a smaller one, with the nearest difference.</returns>
    public static IReadOnlyList<IReadOnlyDictionary<ulong, double>> Within(Lab[] colours, IReadOnlyList<PaintDescription> paints, double mostDeltaE)
    {
        var optics = paints.Select(PaintOptics.Of).ToArray();
        var found = colours.Select(_ => new ConcurrentDictionary<ulong, double>()).ToArray();
        var mixes = new MixColours(optics);
        Parallel.ForEach(mixes.Sets(), set =>
        {
            var bits = set.Aggregate(0UL, (b, p) => b | 1UL << p);
            foreach (var parts in MixColours.Parts(set.Length))
            {
                // The full difference is dear; what is far off in lightness cannot be near.
                var seen = mixes.Seen(set, parts);
                var lightness = MixColours.Lightness(seen);
                for (var c = 0; c < colours.Length; c++)
                {
                    if (Math.Abs(lightness - colours[c].L) < 2.2 * mostDeltaE && ColourDifference.DeltaE00(colours[c], mixes.Colour(seen)) is var d && d <= mostDeltaE)
                    {
                        found[c].AddOrUpdate(bits, d, (_, old) => Math.Min(old, d));
                    }
                }
            }
        });
        return [.. found.Select(Smallest)];
    }

    private static IReadOnlyDictionary<ulong, double> Smallest(ConcurrentDictionary<ulong, double> sets) =>
        sets.Where(s => !sets.Keys.Any(o => o != s.Key && (o & ~s.Key) == 0)).ToDictionary(s => s.Key, s => s.Value);
}

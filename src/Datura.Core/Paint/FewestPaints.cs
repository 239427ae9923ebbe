using System.Numerics;

namespace Datura.Core.Paint;

/// <summary>
/// The smallest part of a kit that makes every colour of a look within a ΔE00. Each colour has its ways: sets of at most three
/// paints that come near enough. The smallest union with a way for every colour is found by branch and bound, colour with the
/// fewest ways first; nothing smaller is left untried, so it is proven.
/// </summary>
public static class FewestPaints
{
    public const int MostPaints = 40;
    private const int MostNodes = 4_000_000;

    /// <exception cref="InputException">Too many paints, or a colour that the kit does not come near at all.</exception>
    public static FewestAnswer Of(IReadOnlyList<WantedColour> wanted, IReadOnlyList<PaintDescription> paints, double mostDeltaE)
    {
        if (paints.Count is 0 or > MostPaints)
        {
            throw new InputException("kit", ProblemCode.FewestFrom, ("most", MostPaints), ("count", paints.Count));
        }

        if (!(mostDeltaE is >= 0.5 and <= 30))
        {
            throw new InputException("difference", ProblemCode.FewestDifference);
        }

        var colours = wanted.DistinctBy(w => w.Colour).ToArray();
        var ways = MixTable.Within(colours.Select(c => c.Colour).ToArray(), paints, mostDeltaE);
        for (var k = 0; k < colours.Length; k++)
        {
            if (ways[k].Count == 0)
            {
                throw new InputException("difference", ProblemCode.FewestOutOfReach, ("use", colours[k].Use), ("off", mostDeltaE));
            }
        }

        var search = new Search(ways.Select(w => w.Keys.ToArray()).ToArray());
        var chosen = search.Run();
        var names = Enumerable.Range(0, paints.Count).Where(p => (chosen & 1UL << p) != 0).Select(p => paints[p].Id).ToArray();
        var allowed = paints.Where(p => names.Contains(p.Id)).ToArray();
        return new(
            names, [.. wanted.Select(w => new MadeColour(w.Use, w.Colour, RecipeSearch.For(w.Colour, allowed).Best))], search.Finished);
    }

    private sealed class Search(ulong[][] ways)
    {
        private ulong best = ulong.MaxValue;
        private int nodes;

        public bool Finished => nodes < MostNodes;

        public ulong Run()
        {
            Branch(0, [.. Enumerable.Range(0, ways.Length)]);
            return best;
        }

        private void Branch(ulong chosen, int[] open)
        {
            if (++nodes >= MostNodes)
            {
                return;
            }

            open = [.. open.Where(c => !ways[c].Any(w => (w & ~chosen) == 0))];
            var size = BitOperations.PopCount(chosen);
            var limit = best == ulong.MaxValue ? int.MaxValue : BitOperations.PopCount(best);
            if (open.Length == 0)
            {
                best = size < limit ? chosen : best;
                return;
            }

            // What each open colour still costs at least; the dearest is a bound for all.
            var dearest = open.Select(c => (Colour: c, Cost: ways[c].Min(w => BitOperations.PopCount(w & ~chosen)))).MaxBy(c => c.Cost);
            if (size + dearest.Cost >= limit)
            {
                return;
            }

            var next = open.MinBy(c => ways[c].Select(w => w & ~chosen).Distinct().Count());
            foreach (var way in ways[next].Select(w => w & ~chosen).Distinct().OrderBy(BitOperations.PopCount))
            {
                Branch(chosen | way, open);
            }
        }
    }
}

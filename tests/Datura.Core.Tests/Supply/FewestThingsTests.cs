using Datura.Core.Fit;
using Datura.Core.Supply;

namespace Datura.Core.Tests.Supply;

/// <summary>The smallest kit for a menu: against every subset there is, and never worse with one thing more.</summary>
public class FewestThingsTests
{
    [Fact]
    public void NoSetOfThatSizeCostsLess()
    {
        var random = new Random(5);
        for (var n = 0; n < 60; n++)
        {
            var (things, works) = (random.Next(1, 9), random.Next(1, 12));
            var cost = new double[things, works];
            for (var t = 0; t < things; t++)
            {
                for (var w = 0; w < works; w++)
                {
                    cost[t, w] = random.Next(5) == 0 ? double.PositiveInfinity : random.NextDouble();
                }
            }

            for (var size = 1; size <= things; size++)
            {
                var least = Enumerable.Range(1, (1 << things) - 1).Where(bits => int.PopCount(bits) == size)
                    .Min(bits => Enumerable.Range(0, works).Sum(w => Enumerable.Range(0, things).Where(t => (bits >> t & 1) == 1).Min(t => cost[t, w])));
                Assert.Equal(least, CheapestSets.Work(cost, CheapestSets.Best(cost, size)), 9);
            }
        }
    }

    [Fact]
    public void EveryThingMoreIsWorthIt()
    {
        var found = FewestThings.Of([(5, DemoWorld.Plan("quay-seal")), (3, DemoWorld.Plan("kelp-bride"))], DemoWorld.Kit);
        Assert.NotEmpty(found.Tools);
        Assert.All(found.Tools.Zip(found.Tools.Skip(1)), t => Assert.True(t.First.Tools.Count < t.Second.Tools.Count && t.First.LostMinutes > t.Second.LostMinutes));
        // With all that is worth taking nothing is lost.
        Assert.Equal(0, found.Tools[^1].LostMinutes, 6);
        Assert.NotEmpty(found.Paints);
        Assert.All(found.Paints.Zip(found.Paints.Skip(1)), p => Assert.True(p.First.Paints.Count > p.Second.Paints.Count));
        Assert.All(found.Paints, p => Assert.True(p.Exact && p.MostDeltaE <= 14 && p.Paints.Distinct().Count() == p.Paints.Count));
        var nothing = FewestThings.Of([], DemoWorld.Kit);
        Assert.True(nothing.Tools.Count == 0 && nothing.Paints.Count == 0);
    }
}

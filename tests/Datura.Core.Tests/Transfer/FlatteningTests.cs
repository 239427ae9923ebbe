using Datura.Core.Shapes.Transfer;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Transfer;

/// <summary>
/// Cards pressed flat, against a second method: places a few millimetres apart are laid out so that their distances over the skin
/// come out as true as they can, by stress majorization (de Leeuw, Applications of convex analysis to multidimensional scaling, 1977).
/// </summary>
public class FlatteningTests
{
    private const double StepMm = 4;

    [Theory]
    [InlineData("cheekHollow")]
    [InlineData("socket")]
    [InlineData("eyePatch")]
    public void TheCardIsAsScalingLaysItOut(string kind)
    {
        var marks = DemoWorld.Expand(DemoWorld.Part(kind) with { Sides = Sides.Left });
        var figure = marks.Marks.OfType<RegionMark>().First().Outline;
        var places = Places(figure);
        Assert.True(places.Length > 20);
        var skin = places.Select(p => DemoWorld.Body.Faired.Position(DemoWorld.Body.Chart.ToSkin(p))).ToArray();
        var patch = new FlatPatch(DemoWorld.Body, figure, 5);
        var card = places.Select(patch.Flat).ToArray();
        var scaled = Majorized(skin, places);

        // Every pair that is up to 12 mm apart lies as far apart on both; what remains is what no flat card can give.
        double OffMm(ChartPoint[] flat) => Math.Sqrt(Near(skin).Average(e => Math.Pow((flat[e.A] - flat[e.B]).Length() - (skin[e.A] - skin[e.B]).Length, 2)));
        Assert.InRange(OffMm(card), 0, Math.Max(0.08, 1.5 * OffMm(scaled)));
        var apart = Enumerable.Range(0, places.Length).SelectMany(a => Enumerable.Range(0, a).Select(b => Math.Abs((card[a] - card[b]).Length() - (scaled[a] - scaled[b]).Length()))).Order().ToArray();
        Assert.InRange(apart[^1], 0, 1.5);
        Assert.InRange(apart[apart.Length / 2], 0, 0.3);
    }

    private static ChartPoint[] Places(Geometry figure)
    {
        var box = figure.EnvelopeInternal;
        return [.. from i in Enumerable.Range(0, (int)(box.Width / StepMm) + 1)
                   from j in Enumerable.Range(0, (int)(box.Height / StepMm) + 1)
                   let at = new ChartPoint(box.MinX + i * StepMm, box.MinY + j * StepMm)
                   where figure.Contains(new Point(at.XMm, at.YMm))
                   select at];
    }

    private static IEnumerable<(int A, int B)> Near(Vec3[] skin) =>
        from a in Enumerable.Range(0, skin.Length)
        from b in Enumerable.Range(0, a)
        where (skin[a] - skin[b]).Length < 3 * StepMm
        select (a, b);

    private static ChartPoint[] Majorized(Vec3[] skin, ChartPoint[] start)
    {
        var near = Near(skin).ToArray();
        var flat = start.ToArray();
        for (var round = 0; round < 4000; round++)
        {
            var (sum, count) = (new ChartPoint[flat.Length], new int[flat.Length]);
            foreach (var (a, b) in near)
            {
                var between = flat[a] - flat[b];
                var wished = (skin[a] - skin[b]).Length / Math.Max(1e-9, between.Length()) * between;
                (sum[a], sum[b]) = (sum[a] + flat[b] + wished, sum[b] + flat[a] - wished);
                count[a]++;
                count[b]++;
            }

            flat = [.. flat.Select((p, k) => count[k] == 0 ? p : 1.0 / count[k] * sum[k])];
        }

        return flat;
    }
}

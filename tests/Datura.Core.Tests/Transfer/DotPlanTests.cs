using Datura.Core.Body;
using Datura.Core.Shapes;
using Datura.Core.Shapes.Transfer;

namespace Datura.Core.Tests.Transfer;

public class DotPlanTests
{
    private static readonly string[] Looks = ["drowned-lamp-keeper", "barnacle-saint", "quay-seal", "kelp-bride", "wreck-diver"];

    public static TheoryData<string> AllLooks => [.. Looks];

    [Theory]
    [MemberData(nameof(AllLooks))]
    public void TheRedrawnLineLiesWithinTheTolerance(string look) =>
        Assert.All(Dots(look, 2).Figures, f => Assert.InRange(f.ErrorMm, 0, f.ToleranceMm + 0.3));

    // "About 60 dots a side" is what a painter can set before the base goes on (common practice).
    [Theory]
    [MemberData(nameof(AllLooks))]
    public void APlanIsShortEnoughToUse(string look) => Assert.InRange(Dots(look, 2).DotsASide, 1, 65);

    [Theory]
    [MemberData(nameof(AllLooks))]
    public void ALooserToleranceNeverNeedsMoreDots(string look)
    {
        int Count(double tolerance) => Dots(look, tolerance).Figures.Sum(f => f.Dots.Count);
        Assert.True(Count(4) <= Count(2) && Count(2) <= Count(1));
    }

    // The tape laid out again, to the rounded millimetres, on the named side: a search on the skin, not the plan's own reckoning.
    [Theory]
    [InlineData("drowned-lamp-keeper")]
    [InlineData("quay-seal")]
    public void TheRoundedDistancesLeadBackToTheDot(string look)
    {
        var body = DemoWorld.Body;
        foreach (var dot in Dots(look, 2).Figures.SelectMany(f => f.Dots).Where((_, k) => k % 3 == 0))
        {
            var found = Search(body, dot);
            Assert.True((body.Chart.Position(found) - body.Chart.Position(dot.At)).Length < 2.9, $"dot {dot.Number} at {dot.At}, {dot.First}, {dot.Second}, {dot.Where}: found {found}");
        }
    }

    [Fact]
    public void EveryDotIsMeasuredFromPlacesThatAFingerFinds() => Assert.All(
        Looks.SelectMany(l => Dots(l, 2).Figures).SelectMany(f => f.Dots),
        d =>
        {
            Assert.Contains(new(d.First.Landmark), NamedPlaces.All.Keys);
            Assert.NotEqual(d.First.Landmark, d.Second.Landmark);
            Assert.Contains(d.Where, new[] { "above", "below", "towards the ear", "towards the middle" });
        });

    [Fact]
    public void DotsAreNumberedInDrawingOrder()
    {
        var numbers = Dots("kelp-bride", 2).Figures.SelectMany(f => f.Dots).Select(d => d.Number).ToArray();
        Assert.Equal(Enumerable.Range(1, numbers.Length), numbers);
    }

    [Fact]
    public void ACircleNeedsFewDotsAndAStraightLineTwo()
    {
        ChartPoint[] circle = [.. Enumerable.Range(0, 120).Select(k => 2 * Math.PI * k / 120).Select(t => new ChartPoint(20 * Math.Cos(t), 20 * Math.Sin(t)))];
        var dots = FewestDots.Of(circle, closed: true, 1);
        Assert.InRange(dots.Count, 4, 8);
        Assert.InRange(FewestDots.ErrorMm(circle, true, dots), 0, 1.01);
        Assert.Equal(2, FewestDots.Of([new(0, 0), new(10, 4), new(50, 20)], closed: false, 1).Count);
    }

    private static DotPlan Dots(string look, double tolerance) => DotPlan.Of(
        DemoWorld.Look(look).Parts.SelectMany(p => Figures.Of(PartKinds.Find(p.Kind)!, p, DemoWorld.Expand(p))), DemoWorld.Body, tolerance);

    // Newton on the two tape lengths from a start on the named side, 6 mm off.
    private static ChartPoint Search(FittedBody body, PlacedDot dot)
    {
        var (a, b) = (body.At(new(dot.First.Landmark)), body.At(new(dot.Second.Landmark)));
        // As a hand does it: two arcs on the flat, of whose two crossings the words take one; then nearer along the skin.
        var (line, far) = (b - a, (b - a).Length());
        var along = (dot.First.Mm * dot.First.Mm - dot.Second.Mm * dot.Second.Mm + far * far) / (2.0 * far);
        var beside = Math.Sqrt(Math.Max(4, dot.First.Mm * dot.First.Mm - along * along));
        var foot = a + along / far * line;
        var across = beside / far * new ChartPoint(-line.YMm, line.XMm);
        var at = new[] { foot + across, foot - across }.MaxBy(p => dot.Where switch
        {
            "above" => p.YMm,
            "below" => -p.YMm,
            // The plan is read side by side: the dot's own side is known.
            "towards the ear" => (dot.At.XMm < 0 ? -1 : 1) * p.XMm,
            _ => -Math.Abs(p.XMm),
        });
        for (var round = 0; round < 12; round++)
        {
            double fa = body.TapeMm(a, at) - dot.First.Mm, fb = body.TapeMm(b, at) - dot.Second.Mm;
            ChartPoint east = at + new ChartPoint(0.5, 0), north = at + new ChartPoint(0, 0.5);
            double ax = (body.TapeMm(a, east) - dot.First.Mm - fa) / 0.5, ay = (body.TapeMm(a, north) - dot.First.Mm - fa) / 0.5;
            double bx = (body.TapeMm(b, east) - dot.Second.Mm - fb) / 0.5, by = (body.TapeMm(b, north) - dot.Second.Mm - fb) / 0.5;
            var det = ax * by - ay * bx;
            if (Math.Abs(det) < 1e-3)
            {
                break;
            }

            var step = new ChartPoint(-(fa * by - ay * fb) / det, -(ax * fb - bx * fa) / det);
            at += Math.Min(1, 4 / Math.Max(step.Length(), 1e-9)) * step;
        }

        return at;
    }
}

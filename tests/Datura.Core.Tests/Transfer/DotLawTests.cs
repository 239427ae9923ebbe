using Datura.Core.Shapes.Transfer;

namespace Datura.Core.Tests.Transfer;

/// <summary>What is printed of a dot leads a hand to it.</summary>
public class DotLawTests
{
    private static readonly PlacedDot[] Dots = [.. DotPlan.Of(DemoWorld.Plan("kelp-bride").Parts.SelectMany(p => Figures.Of(p.Kind, p.Part, p.Marks)), DemoWorld.Body, 2).Figures
        .SelectMany(f => f.Dots).Where((_, k) => k % 2 == 0)];

    // The rounded distances hold at the place where the plan says they put the dot.
    [Fact]
    public void TheRoundedDistancesMeetWhereThePlanSays()
    {
        var placed = new DotPlacing(DemoWorld.Body).Place([.. Dots.Select(d => d.At)]);
        var off = placed.SelectMany(d => new[] { (d.Redrawn, d.First), (d.Redrawn, d.Second) })
            .Select(d => Math.Abs(DemoWorld.Body.TapeMm(DemoWorld.Body.At(new(d.Item2.Landmark)), d.Redrawn) - d.Item2.Mm)).Order().ToArray();
        Assert.InRange(off[95 * off.Length / 100], 0, 0.2);
    }

    // Two places have the same two distances; the words pick the right one: seen from the line between the landmarks, the dot lies that way.
    [Fact]
    public void TheWordsSayOnWhichSideOfTheLandmarksTheDotLies() => Assert.All(Dots, dot =>
    {
        ChartPoint a = DemoWorld.Body.At(new(dot.First.Landmark)), b = DemoWorld.Body.At(new(dot.Second.Landmark)), line = b - a;
        var t = ((dot.At.XMm - a.XMm) * line.XMm + (dot.At.YMm - a.YMm) * line.YMm) / (line.XMm * line.XMm + line.YMm * line.YMm);
        var foot = a + t * line;
        Assert.True(dot.Where switch
        {
            "above" => dot.At.YMm > foot.YMm,
            "below" => dot.At.YMm < foot.YMm,
            "towards the ear" => Math.Abs(dot.At.XMm) > Math.Abs(foot.XMm),
            _ => Math.Abs(dot.At.XMm) <= Math.Abs(foot.XMm),
        }, $"{dot.Where} of {dot.First.Landmark} and {dot.Second.Landmark}");
    });
}

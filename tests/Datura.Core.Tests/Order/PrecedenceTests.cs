using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Order;

/// <summary>The rules of order one by one (common practice).</summary>
public class PrecedenceTests
{
    [Theory]
    [InlineData(Stage.Map, Stage.Base, false, "mapFirst")]
    [InlineData(Stage.Map, Stage.Line, false, "mapFirst")]
    [InlineData(Stage.Base, Stage.BodyColour, true, "baseUnder")]
    [InlineData(Stage.Base, Stage.Depth, true, "baseUnder")]
    [InlineData(Stage.Depth, Stage.BodyColour, true, "depthThenColour")]
    [InlineData(Stage.BodyColour, Stage.Line, false, "linesLast")]
    [InlineData(Stage.Base, Stage.Line, false, "linesLast")]
    [InlineData(Stage.Depth, Stage.Line, false, "linesLast")]
    [InlineData(Stage.Line, Stage.Highlight, false, "lightsAfterLines")]
    [InlineData(Stage.Base, Stage.Depth, false, null)]
    [InlineData(Stage.Depth, Stage.BodyColour, false, null)]
    public void ARuleHoldsOneWayOnly(Stage first, Stage second, bool overlap, string? rule)
    {
        var (a, b) = (Group(first), Group(second));
        Assert.Equal(rule, Precedence.Rule(a, b, overlap)?.Id);
        Assert.Null(Precedence.Rule(b, a, overlap)?.Id);
    }

    [Fact]
    public void OfTwoOverlappingColoursTheLighterGoesFirst()
    {
        var (light, dark) = (Group(Stage.BodyColour, lightness: 80), Group(Stage.BodyColour, lightness: 20));
        Assert.Equal("lightBeforeDark", Precedence.Rule(light, dark, overlap: true)?.Id);
        Assert.Null(Precedence.Rule(dark, light, overlap: true)?.Id);
        Assert.Null(Precedence.Rule(light, dark, overlap: false)?.Id);
    }

    [Fact]
    public void AnUpperLayerGoesLaterEvenWhenItIsLighter()
    {
        CoatGroup Of(string part, double lightness, int layer) => new([Job(Stage.BodyColour, lightness, layer, 100) with { PartId = part }]);
        var (throat, teeth) = (Of("mouth", 10, 0), Of("mouth", 90, 1));
        Assert.Equal("layers", Precedence.Rule(throat, teeth, overlap: true)?.Id);
        Assert.Null(Precedence.Rule(teeth, throat, overlap: true)?.Id);
        // How many coats another part has beneath says nothing of which of the two lies on top.
        Assert.Null(Precedence.Rule(throat, Of("flower", 90, 1), overlap: true)?.Id);
    }

    // Whatever the stages, layers, colours and overlaps are, the rules never ask for a before b before a.
    [Fact]
    public void RulesNeverGoRoundInACircle()
    {
        var groups = (from stage in Enum.GetValues<Stage>() from layer in new[] { 0, 1 } from lightness in new[] { 20.0, 80 } select Group(stage, lightness, layer)).ToArray();
        var left = groups.ToList();
        while (left.Count > 0)
        {
            var free = left.Where(b => left.All(a => a == b || Precedence.Rule(a, b, overlap: true) is null)).ToArray();
            Assert.NotEmpty(free);
            left.RemoveAll(free.Contains);
        }
    }

    [Fact]
    public void LongerLinesNeedMoreLoads()
    {
        double Seconds(double mm) => Job(Stage.Line, 20, 0, lineMm: mm).WorkSeconds;
        var load = UsualTools.Find(Tool.Round3).LineMmPerLoad;
        Assert.Equal(Seconds(load - 1) + Pace.Usual.Of(Rates.Reloading), Seconds(load) - 1 / UsualTools.Find(Tool.Round3).LineMmPerSecond, 1e-6);
        Assert.True(Seconds(300) < Seconds(600));
    }

    [Fact]
    public void EveryToolHasARateOfItsOwnName() => Assert.Equal(Rates.All.Count, Rates.All.Select(r => r.Label).Distinct().Count());

    [Fact]
    public void AThickerCoatDriesLonger()
    {
        var paint = DemoWorld.Kit.Paints[0];
        double[] films = [0, 5, 10, 20, 40, 80];
        Assert.All(films.Zip(films.Skip(1)), f => Assert.True(Rates.DryingSeconds(paint, f.First) <= Rates.DryingSeconds(paint, f.Second)));
        Assert.True(Rates.DryingSeconds(paint, 80) > 1.5 * Rates.DryingSeconds(paint, 40));
        // Nothing dries at once, and a fan never makes it slower.
        Assert.True(Rates.DryingSeconds(paint, 0) > 0);
        Assert.True(Rates.DryingSeconds(paint, 40, DryingAid.Fan) < Rates.DryingSeconds(paint, 40));
    }

    private static CoatGroup Group(Stage stage, double lightness = 50, int layer = 0) => new([Job(stage, lightness, layer, 100)]);

    private static CoatJob Job(Stage stage, double lightness, int layer, double lineMm) => new(
        $"{stage}{layer}{lightness}", 0, "Test", new("x", "X", stage, Tool.Round3, 1, lightness), layer, OrderJobs.Usual(Tool.Round3),
        new([new("rust", 1)]), CoatLay.Usual, 1, [], Footprint.Of([new DotMark("x", Side.Middle, new(0, 0), 10)]), [Zone.Forehead], 0, lineMm, lightness, 50);
}

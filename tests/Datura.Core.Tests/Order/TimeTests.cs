using CsCheck;
using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Order;

/// <summary>Minutes: known sessions of the trade, spread, and the painter's own rates.</summary>
public class TimeTests
{
    // A quick booth wound takes about 2 min for the marks (common practice); half as much again either way is one hand against another.
    [Fact]
    public void AQuickWoundTakesAboutTwoMinutes()
    {
        var wound = DemoWorld.Part("clawWound") with { Sides = Sides.Left };
        var kind = PartKinds.Find("clawWound")!;
        wound = wound with { Paints = new Dictionary<string, PaintMix>(wound.Paints) { ["light"] = new([new("chalk-white", 1)]) } };
        Part With(params Stage[] stages) => wound with { Paints = wound.Paints.Where(p => stages.Contains(kind.Roles.First(r => r.Id == p.Key).Stage)).ToDictionary() };
        double Minutes(Part part) => DemoWorld.PlanOf(part).Plan.TotalSeconds / 60;
        var marks = Minutes(With(Stage.Depth, Stage.BodyColour, Stage.Line));
        Assert.InRange(marks, 1.0, 3.0);
        // With lifts and shine about 3 min 13 s (common practice): longer than the marks alone, within half.
        var whole = Minutes(With(Stage.Depth, Stage.BodyColour, Stage.Line, Stage.Highlight, Stage.Finish));
        Assert.InRange(whole, marks, 4.8);
        Assert.True(whole > 1.15 * marks, FormattableString.Invariant($"{whole} against {marks}"));
    }

    // A quick mask takes 2 to 3 min (common practice): a patch over both eyes, scrolls and a row of dots.
    [Fact]
    public void AQuickMaskTakesTwoToThreeMinutes()
    {
        var (mask, dots) = (DemoWorld.Part("eyePatch") with { Sides = Sides.Both }, DemoWorld.Part("dotRow"));
        Assert.InRange(DemoWorld.PlanOf(mask, DemoWorld.Part("swirls"), dots).Plan.TotalSeconds / 60, 1.5, 4);
    }

    // Quantiles of the normal distribution (handbook tables: z of 80 % is 0.8416, of 90 % 1.2816).
    [Fact]
    public void ConfidenceFollowsTheNormalTable()
    {
        var time = new DurationEstimate(600, 60);
        Assert.Equal(600, time.At(0.5), 1e-6);
        Assert.Equal(600 + 0.8416 * 60, time.At(0.8), 0.01);
        Assert.Equal(600 + 1.2816 * 60, time.Range.High, 0.01);
        Assert.Equal(600 - 1.2816 * 60, time.Range.Low, 0.01);
    }

    // Independent steps: the whole is surer, in proportion, than its steps.
    [Fact]
    public void ManyStepsAreSurerThanOne() => Gen.Int[2, 30].Sample(n =>
    {
        var step = DurationEstimate.OfStep(60, 20);
        var whole = DurationEstimate.OfSession(80 * n, Enumerable.Repeat(step, n));
        Assert.True(whole.SdSeconds / whole.LikelySeconds < step.SdSeconds / step.LikelySeconds);
        Assert.True(whole.SdSeconds > step.SdSeconds);
    });

    [Fact]
    public void OwnRatesTakeThePlaceOfTheUsual()
    {
        double Total(Dictionary<string, double>? rates) => Planner.Plan(
            DemoWorld.Look("quay-seal"), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade with { Rates = rates }).Plan.TotalSeconds;
        var usual = Total(null);
        Assert.True(Total(new() { [Rates.ToolChange] = 20 }) > usual);
        Assert.True(Total(new() { ["Sponge.areaCm2PerMinute"] = 600 }) < usual);
        Assert.Equal(usual, Total(new() { [Rates.ToolChange] = Rates.Find(Rates.ToolChange).Usual }), 1e-6);
    }

    [Theory]
    [InlineData("toolChangeSeconds", 0)]
    [InlineData("Sponge.areaCm2PerMinute", 0)]
    [InlineData("Round1.lineMmPerSecond", double.NaN)]
    [InlineData("hurry", 3)]
    public void ARateThatCannotBeIsRefused(string id, double value) => Assert.Contains(
        PlanCheck.OfSetting(DemoWorld.Parade with { Rates = new Dictionary<string, double> { [id] = value } }), p => p.Field == $"rates.{id}");

    [Theory]
    [InlineData(0, 1, 0.8)]
    [InlineData(10_080, 1, 0.8)]
    [InlineData(20, 3, 0.8)]
    [InlineData(20, 1, 1)]
    public void ASlotCrewOrConfidenceThatCannotBeIsRefused(double slot, int painters, double confidence) => Assert.NotEmpty(
        PlanCheck.OfSetting(DemoWorld.Parade with { SlotMinutes = slot, Painters = painters, Confidence = confidence }));

    [Fact]
    public void AFanDriesFasterAndPowderSetsCream()
    {
        var water = DemoWorld.Kit.Paints.First(p => p.Material == Material.WaterCake);
        var cream = DemoWorld.Kit.Paints.First(p => p.Material == Material.Cream);
        Assert.True(Rates.DryingSeconds(water, water.CoatFilmUm, DryingAid.Fan) < Rates.DryingSeconds(water, water.CoatFilmUm));
        Assert.True(Rates.DryingSeconds(cream, cream.CoatFilmUm, DryingAid.Powder) <= 15);
        Assert.Equal(Rates.DryingSeconds(water, water.CoatFilmUm), Rates.DryingSeconds(water, water.CoatFilmUm, DryingAid.Powder), 1e-9);
    }

    // Whatever dries faster never makes the same order longer.
    [Fact]
    public void FasterDryingNeverLengthensAnOrder()
    {
        var (air, fan) = (DemoWorld.Plan("wreck-diver").Network!, Planner.Plan(DemoWorld.Look("wreck-diver"), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit,
            DemoWorld.Parade with { Drying = DryingAid.Fan }).Network!);
        var order = ListScheduler.Best(air).Order;
        Assert.True(Schedule.Of(fan, order).TotalSeconds <= Schedule.Of(air, order).TotalSeconds + 1e-6);
    }

    // A mesh lays many scales at a press; drawn by hand each row takes its time (common practice).
    [Fact]
    public void ScalesThroughAMeshAreFasterThanDrawnZigzags()
    {
        var mesh = DemoWorld.Part("scales");
        var drawn = mesh with { Words = new Dictionary<string, string>(mesh.Words) { ["laid"] = "as zigzags" }, Paints = new Dictionary<string, PaintMix> { ["zigzag"] = mesh.Paints["scale"] } };
        var (through, byHand) = (DemoWorld.PlanOf(mesh), DemoWorld.PlanOf(drawn));
        Assert.NotEmpty(byHand.Steps);
        Assert.True(through.Steps.Sum(s => s.WorkSeconds) < byHand.Steps.Sum(s => s.WorkSeconds));
    }

    // Closing the lids once is enough for all that goes on them one after the other (common practice).
    [Fact]
    public void LidsAreClosedOnceForStepsThatFollowEachOther()
    {
        var jobs = new[] { OrderJobs.Of("a", Stage.BodyColour, 20, 0, 0, zone: Zone.Lid), OrderJobs.Of("b", Stage.BodyColour, 20, 0, 2, parts: 2, zone: Zone.Forehead),
            OrderJobs.Of("c", Stage.BodyColour, 20, 0, 4, parts: 3, zone: Zone.Lid) };
        var network = StepNetwork.Of(jobs);
        var order = ShortestOrder.Of(network, 1).Table.Order;
        Assert.Equal(1, Math.Abs(Array.IndexOf(order, network.IndexOf("a/x")) - Array.IndexOf(order, network.IndexOf("c/x"))));
    }

    [Fact]
    public void AWideLineIsFilledRatherThanDrawn()
    {
        StrokeMark Stroke(double width) => new("x", Side.Middle, [new(0, 0), new(40, 0)], [width, width]);
        double Seconds(double width) => (OrderJobs.Of("x", Stage.Line, 1, 1, 0) with { Marks = [Stroke(width)], LineMm = 40 }).WorkSeconds;
        Assert.Equal(Seconds(2), Seconds(4), 1e-9);
        Assert.True(Seconds(14) > Seconds(4));
    }
}

namespace Datura.Core.Tests.Order;

/// <summary>
/// Minutes of practised hands (common practice, no source) for figures that today's kinds can say: each within half and double, all together
/// without bias.
/// </summary>
public class PracticeMinuteTests
{
    private static Part Lids => DemoWorld.Part("skinBase") with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = ["lid"] } };

    // Both lids pressed with one sponge; a web on each lid; an eye patch; hair at brows, cheeks and chin; both sockets; eight whiskers.
    private static readonly (string What, double Seconds, Func<Part[]> Parts)[] Cases =
    [
        ("both lids, one sponge", 50, () => [Lids]),
        ("a web at each eye", 75, () => [DemoWorld.Part("web")]),
        ("eye patches", 70, () => [DemoWorld.Part("eyePatch")]),
        ("hair strokes, brows and chin", 195, () => [DemoWorld.Part("furStrokes"), DemoWorld.Part("goatee"), DemoWorld.Part("hangingHair")]),
        ("both sockets", 75, () => [DemoWorld.Part("socket")]),
        ("whiskers with their dots", 45, () => [DemoWorld.Part("whiskers"), DemoWorld.Part("whiskerDots")]),
    ];

    [Fact]
    public void PlannedMinutesAreThoseOfPractice()
    {
        var ratios = Ratios();
        Assert.All(ratios, r => Assert.True(r.Ratio is > 0.5 and < 2, $"{r.What}: {r.Ratio:0.00}"));
        Assert.InRange(ratios.Average(r => r.Ratio), 0.8, 1.25);
    }

    internal static (string What, double Ratio)[] Ratios() => [.. Cases.Select(c => (c.What, DemoWorld.PlanOf(c.Parts()).Plan.TotalSeconds / c.Seconds))];

    // A figure takes its crisp edge at line pace and its inside at area pace: twice as large is more than twice the inside alone, less than four times the whole.
    [Fact]
    public void AnEdgeIsDrawnAndAnInsideFilled()
    {
        double Work(double mm)
        {
            var job = DemoWorld.PlanOf(DemoWorld.Part("socket", ("edge", 1.0), ("downCheek", mm))).Jobs.Single(j => j.Role.Stage != Stage.Map);
            return job.WorkSeconds;
        }

        Assert.True(Work(20) > Work(8));
        var soft = DemoWorld.PlanOf(DemoWorld.Part("socket", ("edge", 12.0))).Jobs[0].WorkSeconds;
        Assert.True(DemoWorld.PlanOf(DemoWorld.Part("socket", ("edge", 1.0))).Jobs[0].WorkSeconds > soft);
    }

    // The hand is slower where the eye is near (common practice).
    [Fact]
    public void NearTheEyeTheHandIsSlower()
    {
        double SecondsACm2(string kind) => DemoWorld.PlanOf(DemoWorld.Part(kind)).Jobs[0] is var job ? job.WorkSeconds / job.AreaMm2 * 100 / (60 / job.Hand.Tool.AreaCm2PerMinute) : 0;
        Assert.True(SecondsACm2("socket") > 1.5 * SecondsACm2("cheekHollow"));
    }

    // A damp sponge covers a palm of skin in a quarter of a minute, fast on and then stippled (common practice).
    [Fact]
    public void ASpongeCoversAPalmInAQuarterOfAMinute()
    {
        var job = DemoWorld.PlanOf(DemoWorld.Part("skinBase")).Jobs[0];
        Assert.InRange(job.WorkSeconds / job.Coats / job.AreaMm2 * 7000, 10, 21);
    }

    // Set-up is a good part of a session, but not most of it (common practice: an eighth to two fifths).
    [Theory]
    [InlineData("drowned-lamp-keeper")]
    [InlineData("kelp-bride")]
    [InlineData("storm-cormorant")]
    public void SetUpIsAShareOfTheSession(string look)
    {
        var planned = DemoWorld.Plan(look);
        Assert.InRange(planned.Steps.Sum(s => s.SetUpSeconds) / planned.Plan.TotalSeconds, 0.1, 0.4);
    }
}

namespace Datura.Core.Tests.Order;

/// <summary>Minutes of practised hands (common practice, no source): each within a quarter, all together without bias.</summary>
public class PracticeMinuteTests
{
    [Fact]
    public void PlannedMinutesAreThoseOfPractice()
    {
        var ratios = Ratios();
        Assert.All(ratios, r => Assert.True(r.Ratio is > 0.75 and < 1.25, $"{r.What}: {r.Ratio:0.00}"));
        Assert.InRange(ratios.Average(r => r.Ratio), 0.9, 1.1);
    }

    // Of a look in stages each end counts.
    internal static (string What, double Ratio)[] Ratios() =>
    [
        .. from practice in PracticeCases.All
           where practice.Seconds.Length > 0
           let plan = practice.Planned().Plan
           let ends = plan.Stages.Count > 0 ? plan.Stages.Select(s => s.EndSeconds) : [plan.TotalSeconds]
           from pair in ends.Zip(practice.Seconds)
           select (practice.Name, pair.First / pair.Second),
    ];

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

using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Order;

public class OrderTests
{
    public static TheoryData<string, int> Plans
    {
        get
        {
            var data = new TheoryData<string, int>();
            foreach (var look in new[] { "drowned-lamp-keeper", "barnacle-saint" })
            {
                for (var face = 0; face < DemoWorld.Faces.Count; face++)
                {
                    data.Add(look, face);
                }
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Plans))]
    public void OnePainterDoesOneThingAtATime(string look, int face)
    {
        var plan = DemoWorld.Plan(look, face).Plan;
        var clock = 0.0;
        foreach (var step in plan.Steps)
        {
            Assert.Equal(clock + step.WaitSeconds, step.StartSeconds, 0.2);
            clock = step.StartSeconds + step.SetUpSeconds + step.WorkSeconds;
        }

        Assert.Equal(clock, plan.TotalSeconds, 0.2);
    }

    [Theory]
    [MemberData(nameof(Plans))]
    public void NothingIsLaidOnWetPaint(string look, int face)
    {
        var steps = Ordered(look, face);
        foreach (var (earlier, later) in from a in steps from b in steps where a.StartSeconds < b.StartSeconds select (a, b))
        {
            if (earlier.Jobs.Any(a => later.Jobs.Any(b => a.Footprint.Overlaps(b.Footprint))))
            {
                Assert.True(later.StartSeconds + later.SetUpSeconds >= earlier.EndSeconds + earlier.Jobs.Max(j => j.DryingSeconds) - 1e-6);
            }
        }
    }

    [Theory]
    [MemberData(nameof(Plans))]
    public void BaseComesFirstAndLinesAndLightsLast(string look, int face)
    {
        var stages = DemoWorld.Plan(look, face).Plan.Steps.Select(s => s.Stage).Where(s => s != Stage.Map).ToArray();
        Assert.Equal(Stage.Base, stages[0]);
        Assert.Equal(stages.SkipWhile(s => s != Stage.Line), stages.Where(s => s >= Stage.Line));
        Assert.Equal(stages.SkipWhile(s => s != Stage.Highlight), stages.Where(s => s >= Stage.Highlight));
    }

    [Theory]
    [MemberData(nameof(Plans))]
    public void EveryWaitSaysWhatItWaitsFor(string look, int face) => Assert.All(
        DemoWorld.Plan(look, face).Plan.Steps, s => Assert.Equal(s.WaitSeconds > 0, s.WaitsFor is not null));

    [Fact]
    public void PartsThatShareToolAndLoadAreOneStep()
    {
        var cracks = DemoWorld.Part("crackCluster");
        var other = cracks with { Words = new Dictionary<string, string> { ["from"] = "jaw" } };
        var step = Assert.Single(DemoWorld.PlanOf(cracks, other).Plan.Steps);
        Assert.Equal(2, step.PartIds.Count);
    }

    // A throat is darker than its teeth, yet the teeth lie on it.
    [Fact]
    public void WithinAPartWhatLiesOnTopGoesOnLater()
    {
        var titles = DemoWorld.PlanOf(DemoWorld.Part("bigMouth")).Plan.Steps.Select(s => s.Title).ToArray();
        Assert.True(Array.FindIndex(titles, t => t.Contains("throat", StringComparison.Ordinal)) < Array.FindIndex(titles, t => t.Contains("teeth", StringComparison.Ordinal)));
    }

    [Fact]
    public void AFreehandLookHasNoMapStepAndAPencilLookBeginsWithIt()
    {
        var look = DemoWorld.LookOf(DemoWorld.Part("socket"));
        Plan Planned(Mapping mapping) => Planner.Plan(look with { Mapping = mapping }, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade).Plan;
        Assert.DoesNotContain(Planned(Mapping.Freehand).Steps, s => s.Stage == Stage.Map);
        Assert.Equal(Stage.Map, Planned(Mapping.Pencil).Steps[0].Stage);
    }

    [Fact]
    public void MoreAreaAndMoreCoatsTakeLonger()
    {
        double Work(int coats) => DemoWorld.PlanOf(DemoWorld.Part("skinBase") with { Coats = new Dictionary<string, int> { ["ground"] = coats } }).Plan.Steps[0].WorkSeconds;
        Assert.True(Work(2) > 1.9 * Work(1));
        Assert.True(Work(3) > Work(2));
    }

    // Common practice: lids are closed, softly, while they are painted; the chin goes up for the under-jaw.
    [Fact]
    public void PosesFollowTheZones()
    {
        Assert.Contains(Pose.EyesClosed, Poses.For([Zone.Lid, Zone.Orbit]));
        Assert.Contains(Pose.LipsTogether, Poses.For([Zone.Lips]));
        Assert.Contains(Pose.ChinUp, Poses.For([Zone.UnderJaw]));
        Assert.Contains(Pose.TurnHead, Poses.For([Zone.Temple]));
        Assert.Equal([Pose.Front], Poses.For([Zone.Forehead]));
    }

    private static IReadOnlyList<Step> Ordered(string look, int face)
    {
        var body = DemoWorld.Bodies[DemoWorld.Faces[face].Id];
        var document = DemoWorld.Look(look);
        var parts = document.Parts.Select(p => new ExpandedPart(p, PartKinds.Find(p.Kind)!, DemoWorld.Expand(p, body))).ToArray();
        return ListScheduler.Order(CoatJobs.Of(document, parts, body, DemoWorld.Kit));
    }
}

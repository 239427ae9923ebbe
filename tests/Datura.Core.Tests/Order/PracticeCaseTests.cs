using System.Text.Json;
using System.Text.Json.Nodes;
using Datura.Documents;

namespace Datura.Core.Tests.Order;

/// <summary>The practice cases are planned as they are worked (common practice).</summary>
public class PracticeCaseTests
{
    public static TheoryData<string> Names => [.. PracticeCases.All.Select(c => c.Name)];

    private static PracticeCase Case(string name) => PracticeCases.All.Single(c => c.Name == name);

    private static int Step(PlannedLook planned, string coat) => planned.Steps.ToList().FindIndex(s => s.Jobs.Any(j => j.Key == coat));

    private static void InThisOrder(PlannedLook planned, params string[] coats)
    {
        int[] steps = [.. coats.Select(c => Step(planned, c))];
        Assert.DoesNotContain(-1, steps);
        Assert.True(steps.Zip(steps.Skip(1)).All(pair => pair.First < pair.Second), $"{string.Join(", ", coats)} at {string.Join(", ", steps)}");
    }

    // Nobody waits for paint in any of them, every coat is there, and every tool is the one that was named.
    [Theory]
    [MemberData(nameof(Names))]
    public void ItIsPlannedAsItIsSaid(string name)
    {
        var asked = Case(name);
        var planned = asked.Planned();
        Assert.Equal(0, planned.Plan.WaitingSeconds);
        Assert.Equal(asked.Look.Parts.SelectMany(p => p.Paints.Keys.Select(r => $"{p.Id}/{r}")).Order(StringComparer.Ordinal), planned.InOrder.Select(j => j.Key).Order(StringComparer.Ordinal));
        Assert.All(planned.InOrder, j => Assert.True(asked.Look.Parts.Single(p => p.Id == j.PartId).LayOf(j.Role.Id).Tool is not { } tool || tool == j.Hand.Tool.Id));
        Assert.Equal(asked.Look.Stages?.Select(s => s.Name) ?? [], planned.Plan.Stages.Select(s => s.Name));
    }

    // Three lengths of one look; the soft channels lie under the marks, and one load lasts for all four.
    [Fact]
    public void ClawMarksAreCutAtThreeLengths()
    {
        var planned = PracticeCases.ClawMarks.Planned();
        InThisOrder(planned, "soft/line", "marks/deep", "shreds/light", "rim/line");
        Assert.Equal(4, planned.InOrder.Single(j => j.Key == "marks/deep").Marks.Count(m => m is RegionMark));
    }

    // White lies over the brown although light usually goes before dark; then one brush does the rest.
    [Fact]
    public void WhiteGoesOverBrown()
    {
        var planned = PracticeCases.Beast.Planned();
        InThisOrder(planned, "coat/ground", "pale/ground", "nose/pad");
        InThisOrder(PracticeCases.Beast.Planned(PracticeCases.Beast.Look with { Order = null }), "pale/ground", "coat/ground");
    }

    // The eye on the lid is a stage of its own, all of it in one closing.
    [Fact]
    public void TheEyeOnTheLidIsOneClosing()
    {
        var plan = PracticeCases.StageFace.Planned().Plan;
        var eye = plan.Steps.Where(s => s.Number >= plan.Stages[1].FirstStep).ToArray();
        Assert.All(eye, s => Assert.Contains(s.Poses, p => p.Pose == Pose.EyesClosed));
        Assert.Equal(1, eye.Count(s => s.Why.All(w => w.Rule != OrderRules.LidsOnce.Id)));
    }

    // All of the split colours with one brush, and black only for whoever stays.
    [Fact]
    public void TheShortMaskHasNoBlack()
    {
        var planned = PracticeCases.FestiveMask.Planned();
        InThisOrder(planned, "mask/patch", "crest/drop", "black/drop");
        Assert.Equal(Step(planned, "crest/drop"), Step(planned, "drops/drop"));
        Assert.Equal(3, planned.Steps.Select(s => s.Tool.Id).Distinct().Count());
    }

    [Fact]
    public void LeavesComeAfterPetalsAndLostEdgesAfterMetal() => InThisOrder(PracticeCases.Rose.Planned(), "rose/petal", "rose/leaf", "metal/petal", "rose/line");

    [Fact]
    public void AShadowGoesOnBeforeTheLegsAndAnotherAfter()
    {
        var planned = PracticeCases.EightLegs.Planned();
        InThisOrder(planned, "creature/shadow", "legs/line", "after/legShadow", "lights/light");
        Assert.Equal(2, planned.Steps.Select(s => s.Tool.Id).Distinct().Count());
    }

    // All black in one go with one brush, a shade pulled out of it without paint, white at the end.
    [Fact]
    public void AShadeIsPulledOutOfTheBlack()
    {
        var planned = PracticeCases.Gourds.Planned();
        InThisOrder(planned, "ground/ground", "eyes/line", "under/shade");
        Assert.Equal(Step(planned, "eyes/line"), Step(planned, "mouth/line"));
        InThisOrder(planned, "ribs/shade", "mouth/line", "lights/light");
        Assert.Equal(Step(planned, "stitches/line"), Step(planned, "mouth/line"));
        var shade = planned.InOrder.Single(j => j.Key == "under/shade");
        Assert.True(shade.Hand.TakesNoPaint);
    }

    // Each point so far looks finished: a stage's face has all of its stage and nothing of the next.
    [Fact]
    public void TheGourdMayStopAnywhere()
    {
        var planned = PracticeCases.Glow.Planned();
        InThisOrder(planned, "oval/ground", "eyes/outer", "ribs/shade", "teeth/tooth");
        InThisOrder(planned, "eyes/outer", "eyes/core", "ribs/shade");
    }

    // A fresh load for every mark takes longer than one that lasts, and one that cannot last is told of.
    [Fact]
    public void ALoadLastsAsLongAsItIsSaidTo()
    {
        double Work(int? marks)
        {
            var look = PracticeCases.FestiveMask.Look;
            var parts = look.Parts.Select(p => p.Id != "crest" ? p : p with { Laid = new Dictionary<string, CoatLay> { ["drop"] = p.LayOf("drop") with { MarksPerLoad = marks } } });
            return PracticeCases.FestiveMask.Planned(look with { Parts = [.. parts] }).InOrder.Single(j => j.Key == "crest/drop").WorkSeconds;
        }

        Assert.True(Work(1) > Work(2) && Work(2) > Work(4) && Work(4) >= Work(100));
        Assert.Contains(PracticeCases.ClawMarks.Planned(OneLoad(100)).Plan.Cautions, c => c.Code == CautionCode.LoadRunsOut);
        Assert.DoesNotContain(PracticeCases.ClawMarks.Planned(OneLoad(1)).Plan.Cautions, c => c.Code == CautionCode.LoadRunsOut);

        static Look OneLoad(int marks)
        {
            var look = PracticeCases.ClawMarks.Look;
            Part Loaded(Part part) => part with
            {
                Coats = part.Coats.ToDictionary(c => c.Key, _ => 3),
                Laid = part.Paints.Keys.ToDictionary(r => r, r => part.LayOf(r) with { MarksPerLoad = marks, Tool = "round5", Split = null }),
            };
            return look with { Parts = [.. look.Parts.Select(p => p.Id == "soft" ? p : Loaded(p))] };
        }
    }

    // How a split load is pressed is said in its step, and what the painter adds in her own words.
    [Fact]
    public void AStepSaysWhatThePainterSays()
    {
        var look = PracticeCases.FestiveMask.Look;
        var crest = look.Parts.Single(p => p.Id == "crest");
        var said = crest with { Laid = new Dictionary<string, CoatLay> { ["drop"] = crest.LayOf("drop") with { Words = "  Red outside, always. " } } };
        var plan = PracticeCases.FestiveMask.Planned(look with { Parts = [.. look.Parts.Select(p => p.Id == "crest" ? said : p)] }).Plan;
        var step = plan.Steps.Single(s => s.PartIds.Contains("crest"));
        Assert.Contains("Crest of drops: Red outside, always.", step.Words);
        Assert.Contains(Catalogue.Of(RemarkCode.SplitTurnedOver).Text, step.Words);
        Assert.All(plan.Steps.Where(s => s.Coats.All(c => c.PartId is "mask" or "black" or "swirl")), s => Assert.Empty(s.Words));
        Assert.Contains(Catalogue.Of(RemarkCode.SplitPressed).Text, PracticeCases.LidsAlone.Planned().Plan.Steps.Single().Words);
    }

    // The wearer is asked to smile for the smile line and to look up for what is under the eye, and for nothing that the work does not need (common practice).
    [Fact]
    public void TheWearerIsAskedForWhatTheWorkNeeds()
    {
        string Words(RemarkCode code) => Catalogue.Of(code).Text;
        string[] Said(PracticeCase practice) => [.. practice.Planned().Plan.Steps.SelectMany(s => s.Words)];
        var face = Said(PracticeCases.StageFace);
        Assert.Superset(new HashSet<string> { Words(RemarkCode.CueSmile), Words(RemarkCode.CueFrown), Words(RemarkCode.CueSqueeze), Words(RemarkCode.CueRaiseBrows), Words(RemarkCode.CueLookUp) }, face.ToHashSet());
        Assert.DoesNotContain(Words(RemarkCode.CueTickles), face);
        Assert.Contains(Words(RemarkCode.CueTickles), Said(PracticeCases.Beast));
        Assert.Empty(Said(PracticeCases.WebsAlone));
    }

    // tests/practice/build.mjs clicks these together in the browser; the file it reads says the same as the cases here.
    [Fact]
    public void TheCasesBuiltInTheBrowserAreThese()
    {
        var here = JsonSerializer.SerializeToNode(PracticeCases.Ten.Select(c => new { c.Name, c.Look }), DaturaJson.Compact);
        var file = JsonNode.Parse(File.ReadAllText(Path.Combine(Repository.Root, "tests", "practice", "cases.json")));
        Assert.True(JsonNode.DeepEquals(here, file), here!.ToJsonString());
    }
}

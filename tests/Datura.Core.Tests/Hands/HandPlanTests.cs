using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Hands;

/// <summary>A look as it comes out by the tool, technique and water that the painter chose.</summary>
public class HandPlanTests
{
    private static readonly PaintMix Black = new([new("tarn-black", 1)]);

    private static PlannedLook Planned(Part part, Kit? kit = null) => Planner.Plan(DemoWorld.LookOf(part), DemoWorld.Faces[0], DemoWorld.Body, kit ?? DemoWorld.Kit, DemoWorld.Parade);

    private static Part Laid(string kind, string role, CoatLay lay) =>
        DemoWorld.Part(kind) is var part ? part with { Paints = new Dictionary<string, PaintMix>(part.Paints) { [role] = Black }, Laid = new Dictionary<string, CoatLay> { [role] = lay } } : null!;

    private static CoatJob Job(string kind, string role, CoatLay lay) => Planned(Laid(kind, role, lay)).Jobs.Single(j => j.Role.Id == role);

    private static string Role(string kind, Stage stage) => PartKinds.Find(kind)!.Roles.First(r => r.Stage == stage).Id;

    // Naming what is usual anyway changes nothing of the plan.
    [Fact]
    public void SayingWhatIsUsualChangesNothing()
    {
        foreach (var kind in PartKinds.All.Where(k => k.Id != "motif"))
        {
            var part = DemoWorld.Part(kind.Id);
            var named = part with { Laid = kind.Roles.Where(r => part.Paints.ContainsKey(r.Id)).ToDictionary(r => r.Id, r => new CoatLay { Tool = r.Tool }) };
            var (usual, same) = (DemoWorld.PlanOf(part), DemoWorld.PlanOf(named));
            Assert.Equal(usual.Plan.TotalSeconds, same.Plan.TotalSeconds);
            Assert.Equal(usual.Plan.Steps.Select(s => (s.Title, s.ToolName, s.Hand)), same.Plan.Steps.Select(s => (s.Title, s.ToolName, s.Hand)));
            Assert.Equal(usual.Plan.Parts[0].Coats.Select(c => (c.Colour, c.FilmUm)), same.Plan.Parts[0].Coats.Select(c => (c.Colour, c.FilmUm)));
        }
    }

    // Common practice: a wide tool fills faster, a small one slower, and the figure stays where it is.
    [Fact]
    public void AWiderToolOfOneFormFillsFasterAndMovesNothing()
    {
        var role = Role("socket", Stage.BodyColour);
        var jobs = new[] { Tool.Round1, Tool.Round3, Tool.Round5, Tool.Round8 }.Select(t => Job("socket", role, new() { Tool = t })).ToArray();
        Assert.All(jobs.Zip(jobs.Skip(1)), j => Assert.True(j.First.WorkSeconds > j.Second.WorkSeconds));
        Assert.All(jobs, j => Assert.Equal(jobs[0].AreaMm2, j.AreaMm2));
    }

    // Drawn with a broad brush a fine line comes out as broad as its tip or edge.
    [Fact]
    public void NoLineIsFinerThanItsTool()
    {
        var role = Role("crackCluster", Stage.Line);
        foreach (var tool in UsualTools.All.Where(t => t.Form is ToolForm.Round or ToolForm.Flat or ToolForm.Filbert))
        {
            var job = Job("crackCluster", role, new() { Tool = tool.Id });
            Assert.All(job.Marks.OfType<StrokeMark>(), s => Assert.True(s.WidthsMm.Max() >= ToolForms.FinestMm(tool) - 1e-9, $"{tool.Name}: {s.WidthsMm.Max()} mm"));
        }
    }

    [Fact]
    public void WaterDecidesFilmAndDrying()
    {
        var role = Role("socket", Stage.BodyColour);
        CoatJob With(Water water) => Job("socket", role, new() { Tool = Tool.Round5, Technique = Technique.Stroke, Water = water });
        var jobs = new[] { Water.Creamy, Water.Flowing, Water.Runny }.Select(With).ToArray();
        var films = jobs.Select(j => CoatFilm.Um(j.Mix, DemoWorld.Kit, j.Hand, j.Lay)).ToArray();
        Assert.True(films[0] > films[1] && films[1] > films[2]);
        // Per micrometre of film wet paint takes longer.
        Assert.True(jobs[0].DryingSeconds / films[0] < jobs[1].DryingSeconds / films[1] && jobs[1].DryingSeconds / films[1] < jobs[2].DryingSeconds / films[2]);
        Assert.Equal([HandRisk.Bleeds], jobs[1].Hand.Risks);
        Assert.Equal([HandRisk.Runs], jobs[2].Hand.Risks);
        Assert.Contains(Planned(Laid("socket", role, jobs[1].Lay)).Plan.Cautions, c => c.Code == CautionCode.Bleeds);
    }

    // A damp brush pulls a shade from an edge that is there: no load, a soft edge, a thin film.
    [Fact]
    public void PullingOutTakesNoPaint()
    {
        var role = Role("socket", Stage.BodyColour);
        var (stroke, pulled) = (Job("socket", role, new() { Tool = Tool.Filbert }), Job("socket", role, new() { Tool = Tool.Filbert, Technique = Technique.PullOut }));
        Assert.True(pulled.Hand.TakesNoPaint && !stroke.Hand.TakesNoPaint);
        Assert.All(stroke.Marks.OfType<RegionMark>().Zip(pulled.Marks.OfType<RegionMark>()), m => Assert.True(m.Second.EdgeMm > m.First.EdgeMm));
        Assert.True(CoatFilm.Um(Black, DemoWorld.Kit, pulled.Hand, pulled.Lay) < 0.5 * CoatFilm.Um(Black, DemoWorld.Kit, stroke.Hand, stroke.Lay));
    }

    [Theory]
    [InlineData(Tool.Sponge, Technique.Flick, null, ProblemCode.ToolCannot)]
    [InlineData(Tool.Mesh, null, null, ProblemCode.ToolHoldsNoPaint)]
    [InlineData(Tool.Round3, Technique.Drip, Water.Creamy, ProblemCode.WaterCannot)]
    [InlineData(Tool.Round3, Technique.DryBrush, Water.Flowing, ProblemCode.WaterCannot)]
    [InlineData(Tool.PencilLiner, null, null, ProblemCode.PencilHoldsNoPaint)]
    public void WhatCannotBeIsRefusedWithTheReason(string tool, Technique? technique, Water? water, ProblemCode code)
    {
        var refused = Assert.Throws<PlanException>(() => Planned(Laid("socket", Role("socket", Stage.BodyColour), new() { Tool = tool, Technique = technique, Water = water })));
        var problem = Assert.Single(refused.Problems);
        Assert.Equal(code, problem.Code);
        Assert.DoesNotContain('{', problem.Sentence);
        Assert.StartsWith("parts[0].laid.", problem.Field, StringComparison.Ordinal);
    }

    // Another kit lacks a tool: the nearest one stands in, and that is said.
    [Fact]
    public void WhatIsNotInTheKitIsStoodInFor()
    {
        var round4 = UsualTools.Find(Tool.Round4);
        var few = DemoWorld.Kit with { Tools = [UsualTools.Find(Tool.Sponge), round4] };
        var planned = Planned(DemoWorld.Part("socket"), few);
        Assert.All(planned.Jobs.Where(j => j.Role.Stage != Stage.Map), j => Assert.Contains(j.Hand.Tool.Id, new[] { Tool.Sponge, Tool.Round4 }));
        Assert.Contains(planned.Plan.Cautions, c => c.Code == CautionCode.ToolStandsIn && c.Sentence.Contains("is not in the kit", StringComparison.Ordinal));
        Assert.Equal(round4, KitTools.Nearest(few, Tool.Round3));
        Assert.Null(KitTools.Nearest(few with { Tools = [] }, Tool.Round3));
        // A tool of her own counts with its own rates.
        var own = round4 with { Id = "own", Name = "Old round", AreaCm2PerMinute = 2 };
        var slow = Planned(Laid("socket", Role("socket", Stage.BodyColour), new() { Tool = "own" }), few with { Tools = [own] });
        Assert.Equal("Old round", slow.Jobs.First(j => j.Role.Stage == Stage.BodyColour).Hand.Tool.Name);
    }

    // Whatever hand is chosen for whatever coat: a plan, with times that are numbers and marks that are somewhere.
    [Fact]
    public void AnyHandThatCanBeIsPlanned()
    {
        var random = new Random(15);
        var kinds = PartKinds.All.Where(k => k.Id != "motif").ToArray();
        for (var draw = 0; draw < 150; draw++)
        {
            var part = DemoWorld.Part(RandomLooks.Pick(random, kinds).Id);
            part = part with { Laid = part.Paints.ToDictionary(p => p.Key, p => RandomLooks.WithHand(random, CoatLay.Usual, p.Value, DemoWorld.Kit)) };
            var planned = Planned(part);
            Assert.All(planned.Jobs, j => Assert.True(double.IsFinite(j.WorkSeconds) && j.WorkSeconds > 0 && double.IsFinite(j.DryingSeconds) && j.DryingSeconds >= 0));
            Assert.All(planned.Plan.Parts[0].Coats, c => Assert.True(c.FilmUm > 0 && c.Grain is >= 0 and <= 1));
            Assert.True(planned.Plan.TotalSeconds > 0);
        }
    }
}

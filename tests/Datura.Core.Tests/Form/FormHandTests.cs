using Datura.Core.Form;

namespace Datura.Core.Tests.Form;

/// <summary>Shades and lights go on with the painter's own tools, and stay the tones they are.</summary>
public class FormHandTests
{
    private static PlannedLook Planned(params (string Role, CoatLay Lay)[] laid) => Planner.Plan(
        DemoWorld.LookOf(DemoWorld.Part("skinBase")) with { Form = FormWish.Usual with { Laid = laid.Length == 0 ? null : laid.ToDictionary(l => l.Role, l => l.Lay) } },
        DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade);

    [Fact]
    public void AToneKeepsItsFilmWithAnotherTool()
    {
        var usual = Planned();
        var job = usual.Jobs.First(j => j.PartId == FormKind.PartId);
        var own = Planned((job.Role.Id, new(Tool: Tool.SoftBrush))).Jobs.Single(j => j.Key == job.Key);
        Assert.Equal(Tool.SoftBrush, own.Hand.Tool.Id);
        Assert.Equal(usual.Colours!.FilmUm(job), Planned((job.Role.Id, new(Tool: Tool.SoftBrush))).Colours!.FilmUm(own), 0.6);
        Assert.NotEqual(job.Hand.Tool.Id, own.Hand.Tool.Id);
        // The others go on as their school has it.
        Assert.All(Planned((job.Role.Id, new(Tool: Tool.SoftBrush))).Jobs.Where(j => j.PartId == FormKind.PartId && j.Key != job.Key),
            j => Assert.Equal(usual.Jobs.Single(u => u.Key == j.Key).Hand.Tool.Id, j.Hand.Tool.Id));
    }

    [Fact]
    public void WhatCannotBeIsRefusedByItsField()
    {
        var role = Planned().Jobs.First(j => j.PartId == FormKind.PartId).Role.Id;
        var problem = Assert.Single(Assert.Throws<PlanException>(() => Planned((role, new(Tool: Tool.Mesh)))).Problems);
        Assert.StartsWith($"form.laid.{role}", problem.Field, StringComparison.Ordinal);
    }

    // Tones come and go with the light: a tool for one that is not there is kept and does nothing.
    [Fact]
    public void AToolForAToneThatIsNotThereDoesNothing() =>
        Assert.Equal(Planned().Plan.TotalSeconds, Planned(("tone9", new(Tool: Tool.SoftBrush))).Plan.TotalSeconds, 1e-9);
}

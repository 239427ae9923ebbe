using Datura.Core.Caution.Checks;
using Datura.Core.Paint;

namespace Datura.Core.Tests.Checks;

/// <summary>Mud, sponges the wrong way round, and what does not hold on what (common practice).</summary>
public class CoatCheckTests
{
    private static readonly Kit Trunk = DemoWorld.AllKits.Single(k => k.Id == "wardrobe-trunk");

    [Fact]
    public void OppositeColoursRunTogetherToMud()
    {
        Assert.NotNull(Muddy.Blend(One("urchin"), One("eelgrass"), Trunk));
        Assert.Null(Muddy.Blend(One("lantern-yellow"), One("rust"), Trunk));
    }

    [Fact]
    public void GreyIsNotMud() => Assert.Null(Muddy.Blend(One("chalk-white"), One("tarn-black"), Trunk));

    [Fact]
    public void AWetBlendThatGoesToMudIsReportedWithItsPair()
    {
        var ground = Painted("skinBase", "ground", "urchin");
        var green = Painted("cheekHollow", DemoWorld.Part("cheekHollow").Paints.Keys.First(), "eelgrass");
        var role = green.Paints.Keys.First();
        var wet = green with { Laid = new Dictionary<string, CoatLay> { [role] = new(IntoWet: true) } };
        var note = Notes(Trunk, ground, wet).Single(n => n.Code is CautionCode.MudBeside or CautionCode.MudIntoWet or CautionCode.MudStirred);
        Assert.Contains("Eelgrass", note.Sentence, StringComparison.Ordinal);
        Assert.Contains("Urchin", note.Sentence, StringComparison.Ordinal);
        Assert.DoesNotContain(Notes(Trunk, ground, green), n => n.Code is CautionCode.MudBeside or CautionCode.MudIntoWet or CautionCode.MudStirred);
    }

    [Fact]
    public void ASpongeThatIsNotTurnedOverIsWarnedOf()
    {
        var patch = DemoWorld.Part("eyePatch");
        Part With(SplitLoad load) => patch with
        {
            Paints = new Dictionary<string, PaintMix> { ["patch"] = new([new("chalk-white", 1), new("tarn-black", 1)]) },
            Laid = new Dictionary<string, CoatLay> { ["patch"] = new(Split: load) },
        };
        bool Warned(Part part) => Notes(DemoWorld.Kit, part).Any(n => n.Code == CautionCode.SpongeNotTurned);
        Assert.True(Warned(With(new(AxisDeg: 0, Flipped: false))));
        Assert.False(Warned(With(new(AxisDeg: 0, Flipped: true))));
        Assert.False(Warned(With(new(AxisDeg: 90, Flipped: false))));
        Assert.False(Warned(With(new(AxisDeg: 0, Flipped: false)) with { Sides = Sides.Left }));
    }

    [Fact]
    public void WaterDoesNotHoldOnCream()
    {
        var cream = Painted("skinBase", "ground", "coral");
        var water = Painted("cheekHollow", DemoWorld.Part("cheekHollow").Paints.Keys.First(), "kelp-green");
        // The plan powders it; without that it is told.
        Assert.DoesNotContain(Notes(DemoWorld.Kit, cream, water), n => n.Code == CautionCode.DoesNotHold);
        var without = DemoWorld.LookOf(cream, water) with { Mendings = [new(MendingKind.PowderCream, "skinBase-0/ground", TakenOut: true)] };
        var told = Planner.Plan(without, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade).Plan.Cautions;
        Assert.Contains(told, n => n.Severity == Severity.Stop && n.Code == CautionCode.DoesNotHold);
        Assert.DoesNotContain(Notes(DemoWorld.Kit, Painted("skinBase", "ground", "bone"), water), n => n.Code == CautionCode.DoesNotHold);
    }

    [Fact]
    public void StonesHoldOnlyOnGel()
    {
        var stones = Painted("gemArc", DemoWorld.Part("gemArc").Paints.Keys.First(), "sea-glass");
        Assert.Contains(Notes(Trunk, stones), n => n.Code == CautionCode.NeedsGel);
    }

    [Fact]
    public void EveryMaterialHasARule() => Assert.All(Enum.GetValues<Material>(), m => Assert.NotEmpty(Materials.Of(m).Words));

    private static PaintMix One(string paint) => new([new(paint, 1)]);

    private static Part Painted(string kind, string role, string paint) =>
        DemoWorld.Part(kind) with { Paints = new Dictionary<string, PaintMix> { [role] = One(paint) } };

    private static IReadOnlyList<CautionNote> Notes(Kit kit, params Part[] parts) =>
        Planner.Plan(DemoWorld.LookOf(parts), DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade).Plan.Cautions;
}

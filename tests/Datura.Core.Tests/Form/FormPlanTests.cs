using Datura.Core.Form;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Form;

/// <summary>The form of whole looks: coats, places, folds and warnings.</summary>
public class FormPlanTests
{
    public static TheoryData<string, int> Looks => new() { { "drowned-lamp-keeper", 0 }, { "wreck-diver", 1 }, { "quay-seal", 2 } };

    [Theory]
    [MemberData(nameof(Looks))]
    public void TonesGoOnBeforeLinesAndLightsOfFoldsAfter(string look, int face)
    {
        var planned = Planned(DemoWorld.Look(look), face);
        var order = planned.InOrder.ToList();
        var shade = order.FindIndex(j => j.PartId == FormKind.PartId && j.Role.Stage == Stage.Depth);
        var lines = order.FindIndex(j => j.Role.Stage == Stage.Line);
        Assert.True(shade >= 0 && (lines < 0 || shade < lines));
        Assert.All(order.Where(j => j.Role.Id == "folds"), j => Assert.True(order.IndexOf(j) > lines));
        Assert.True(planned.Form!.Closure.Painted > planned.Form.Closure.Bare);
    }

    [Fact]
    public void WithoutAWishNothingIsComputed() => Assert.Null(DemoWorld.Plan("quay-seal").Form);

    // Deepen what recedes, lighten what advances (common practice): under the light from above of the classical contour.
    [Fact]
    public void TheClassicalContourShadesTheHollowsAndLightsTheBridge()
    {
        foreach (var face in DemoWorld.FourFaces)
        {
            var body = DemoWorld.Bodies[face.Id];
            var form = Planner.Plan(new("Bare", "", Mapping.Freehand, [], 0, FormWish.Usual), face, body, DemoWorld.Kit, DemoWorld.Parade).Form!;
            float At(ChartPoint at) => form.Bands.Painted[form.Map.Grid.CellAt(at)];
            Assert.True(form.Map.Change[form.Map.Grid.CellAt(body.At(Landmark.Gonion.Left) + new ChartPoint(-8, -14))] < 0);
            Assert.True(At(body.At(Landmark.Pronasale) + new ChartPoint(0, 9)) >= 0);
            Assert.Contains(form.Places, p => !p.IsLight && p.Zone is "under-jaw" or "cheek hollow" or "temple");
        }
    }

    [Theory]
    [InlineData(ShadeWith.Powder, Tool.SoftBrush)]
    [InlineData(ShadeWith.Wash, Tool.FlatBrush)]
    [InlineData(ShadeWith.DrySponge, Tool.HalfRoundSponge)]
    public void EachSchoolHasItsTool(ShadeWith school, string tool)
    {
        var planned = Planned(DemoWorld.Look("drowned-lamp-keeper"), 0, FormWish.Usual with { With = school });
        Assert.All(planned.Jobs.Where(j => j.PartId == FormKind.PartId && j.Role.Id.StartsWith("tone", StringComparison.Ordinal)), j => Assert.Equal(tool, j.Hand.Tool.Id));
    }

    // The film of each tone comes to the lightness it was chosen for.
    [Theory]
    [InlineData(40)]
    [InlineData(55)]
    [InlineData(82)]
    public void AToneIsReachedWhereThePaintsCan(double wanted)
    {
        var ground = PaintStack.OnSkin(DemoWorld.Faces[0].Skin);
        var coats = new ToneCoats(DemoWorld.Kit, ground, ShadeWith.Wash);
        var coat = coats.For(wanted)!;
        if (wanted > coats.Bounds.DarkestL && wanted < coats.Bounds.LightestL)
        {
            Assert.Equal(wanted, coat.ReachedL, 0.6);
        }

        Assert.InRange(coat.Film, CoatLay.LeastFilm, 1.2);
    }

    // A fold is a pair, and the light side is the same everywhere for one light (common practice).
    [Fact]
    public void FoldsHaveTheirLightSideBelowUnderALampFromAbove()
    {
        var lines = DemoWorld.Part("foreheadLines");
        var parts = new[] { new ExpandedPart(lines, PartKinds.Find("foreheadLines")!, DemoWorld.Expand(lines)) };
        var grid = FormGrid.Of(DemoWorld.Body, 384);
        var folds = FoldPairs.Of(parts, grid, new LampPlace(0, 60).Towards);
        var dark = parts[0].Marks.Marks.OfType<StrokeMark>().ToArray();
        Assert.NotEmpty(folds);
        Assert.All(folds, light => Assert.Contains(dark, d => d.Path.Count == light.Path.Count && d.Path.Average(p => p.YMm) > light.Path.Average(p => p.YMm)));
        var below = FoldPairs.Of(parts, grid, new LampPlace(0, -60).Towards);
        Assert.True(below.Average(f => f.Path.Average(p => p.YMm)) > folds.Average(f => f.Path.Average(p => p.YMm)));
    }

    // A smile line that brings its own light is not lit a second time by the form.
    [Fact]
    public void AFoldIsLitOnce()
    {
        var grid = FormGrid.Of(DemoWorld.Body, 384);
        var plain = DemoWorld.Part("smileLine");
        var own = plain with { Paints = new Dictionary<string, PaintMix>(plain.Paints) { ["light"] = new([new("chalk-white", 1)]) } };
        IReadOnlyList<StrokeMark> Lights(Part part) => FoldPairs.Of([new(part, PartKinds.Find("smileLine")!, DemoWorld.Expand(part))], grid, new LampPlace(0, 60).Towards);
        Assert.Equal(2, Lights(plain).Count);
        Assert.Empty(Lights(own));
    }

    [Theory]
    [InlineData(0, -35, CautionCode.LampFromBelow)]
    [InlineData(0, 75, CautionCode.LampFromTop)]
    [InlineData(80, 10, CautionCode.LampFromSide)]
    public void LightsThatWorkAgainstTheFormAreNamed(double azimuth, double elevation, CautionCode code)
    {
        var setting = DemoWorld.Parade with { Lamps = [new("daylight", 1, azimuth, elevation, 10)], Ambient = 0.2 };
        var plan = Planner.Plan(DemoWorld.Look("quay-seal") with { Form = FormWish.Usual }, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, setting);
        Assert.Contains(plan.Plan.Cautions, c => c.Code == code);
    }

    // A horn is lit on the side of the lamp; under a lamp from the other side the same painting contradicts it.
    [Fact]
    public void LightsOnTheWrongSideAreListed()
    {
        CautionNote[] Said(double azimuth, double elevation)
        {
            var look = DemoWorld.LookOf(DemoWorld.Part("bolts"), DemoWorld.Part("warts")) with { };
            var parts = look.Parts.Select(p => p with { Paints = PartKinds.Find(p.Kind)!.Roles.ToDictionary(r => r.Id, _ => new PaintMix([new("bone", 1)])) }).ToArray();
            return [.. Planned(look with { Parts = parts }, 0, FormWish.Usual with { Pretended = new(azimuth, elevation) }).Form!.Warnings.Where(w => w.Code == CautionCode.LightOnWrongSide)];
        }

        Assert.Empty(Said(0, 60).Select(n => n.Sentence).Intersect(Said(0, -60).Select(n => n.Sentence)));
        Assert.NotEmpty(Said(0, -60).Concat(Said(0, 60)));
    }

    [Fact]
    public void WeakTonesAreNamedFromFarAndNotFromNear()
    {
        CautionNote[] Lost(double metres) => [.. Planner.Plan(
            DemoWorld.Look("quay-seal") with { Form = FormWish.Usual with { Strength = 0.6 } }, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade with { ViewingDistanceM = metres })
            .Form!.Warnings.Where(w => w.Code is CautionCode.ToneTooWeak or CautionCode.ToneTooFine)];
        Assert.Empty(Lost(0.5));
        Assert.NotEmpty(Lost(60));
    }

    // A drop shadow lies away from the lamp, grows with the height, and a leg's starts at its foot (common practice).
    [Fact]
    public void DropShadowsFallAwayFromTheLamp()
    {
        var grid = FormGrid.Of(DemoWorld.Body, 384);
        var creature = DemoWorld.Part("eightLegs") with { Sides = Sides.Left };
        var part = new ExpandedPart(creature, PartKinds.Find("eightLegs")!, DemoWorld.Expand(creature));
        var legs = part.Marks.Marks.OfType<StrokeMark>().Where(m => m.Role == "line").ToArray();
        var thrown = DropShadows.Of([part], grid, new LampPlace(0, 50).Towards);
        var shadows = thrown.OfType<StrokeMark>().ToArray();
        Assert.Equal(legs.Length, shadows.Length);
        Assert.All(legs.Zip(shadows), pair =>
        {
            Assert.Equal(pair.First.Path[^1], pair.Second.Path[^1]);
            Assert.True(pair.Second.Path[0].YMm < pair.First.Path[0].YMm);
        });
        var cheek = Mark.Middle(part.Marks.Marks)!.Value;
        double Length(double mm) => DropShadows.Fall(cheek, mm, grid, new LampPlace(0, 60).Towards)!.Value.Length();
        Assert.Equal(2 * Length(3), Length(6), 1e-9);
        Assert.Empty(DropShadows.Of([new ExpandedPart(DemoWorld.Part("socket"), PartKinds.Find("socket")!, DemoWorld.Expand(DemoWorld.Part("socket")))], grid, new LampPlace(0, 60).Towards));
    }

    [Fact]
    public void EveryHeightOfAKindBelongsToARoleItHas() => Assert.All(PartKinds.All, kind =>
        Assert.All(KindRelief.Of(kind, null), h => Assert.Contains(h.Role, kind.Roles)));

    [Fact]
    public void ThePaintersOwnHeightScalesTheKinds()
    {
        var (usual, own) = (KindRelief.Of(PartKinds.Find("socket")!, null), KindRelief.Of(PartKinds.Find("socket")!, -10));
        Assert.Equal(-10, own[0].Mm, 1e-9);
        Assert.Equal(usual[1].Mm / usual[0].Mm, own[1].Mm / own[0].Mm, 1e-9);
        Assert.Empty(KindRelief.Of(PartKinds.Find("dotRow")!, 4));
    }

    [Fact]
    public void ASunkenZoneIsShadedDeeper()
    {
        double Deepest(double mm)
        {
            var wish = FormWish.Usual with { Zones = [new("temple", Side.Middle, mm, 18)] };
            var form = Planned(new("Bare", "", Mapping.Freehand, []), 0, wish).Form!;
            return Enumerable.Range(0, form.Map.Change.Length).Where(n => form.Map.On[n]
                && DemoWorld.Body.ZoneAt(form.Map.Grid.Middle(n / form.Map.Grid.Width, n % form.Map.Grid.Width)) == Zone.Temple).Min(n => form.Map.Change[n]);
        }

        Assert.True(Deepest(-6) < Deepest(0) - 2);
    }

    [Theory]
    [InlineData(-1.0, 5, 14.0)]
    [InlineData(1.0, 7, 14.0)]
    [InlineData(1.0, 5, double.NaN)]
    public void NonsenseIsRefused(double strength, int tones, double cap) => Assert.NotEmpty(
        PlanCheck.OfLook(new("x", "", Mapping.Freehand, [], 0, FormWish.Usual with { Strength = strength, Tones = tones, HighlightCap = cap })));

    private static PlannedLook Planned(Look look, int face, FormWish? wish = null) => Planner.Plan(
        look with { Form = wish ?? FormWish.Usual }, DemoWorld.Faces[face], DemoWorld.Bodies[DemoWorld.Faces[face].Id], DemoWorld.Kit, DemoWorld.Parade);
}

using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Checks;

/// <summary>What is told, and what is not, of parts that sit where a painter puts them.</summary>
public class FalseAlarmTests
{
    private static Part Base(params string[] zones) => DemoWorld.Part("skinBase") with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = zones } };

    private static Part Said(Part part, params (string Id, string Word)[] words) => part with { Words = words.ToDictionary(w => w.Id, w => w.Word) };

    private static CautionCode[] Codes(params Part[] parts) => [.. DemoWorld.PlanOf(parts).Plan.Cautions.Select(c => c.Code)];

    // A base is offered wherever paint goes, and pointed at on a lid, an ear or the scalp it lies there alone.
    [Theory]
    [InlineData(Zone.Lid)]
    [InlineData(Zone.Ear)]
    [InlineData(Zone.Scalp)]
    public void ABaseIsOfferedWhereItIsPointedAt(Zone zone)
    {
        var offer = NewPart.Offers(zone, DemoWorld.Body, DemoWorld.Kit, new Costume(40)).Single(o => o.Kind.Id == "skinBase");
        Assert.Equal([zone.Name()], offer.Part.Zones["zones"]);
        Assert.All(DemoWorld.PlanOf(offer.Part).Jobs, j => Assert.Contains(zone, j.Zones));
        Assert.Empty(NewPart.Of(PartKinds.Find("skinBase")!, Zone.Chin, DemoWorld.Kit).Zones);
    }

    // Whatever hangs where its kind hangs, as it comes, is in its field.
    [Fact]
    public void NothingOutgrowsItsFieldAsItComes() => Assert.All(
        from kind in PartKinds.All where kind.Id != "motif" from zone in kind.HangsOn select (kind, zone),
        at => Assert.DoesNotContain(CautionCode.OutgrownField, Codes(NewPart.Of(at.kind, at.zone, DemoWorld.Kit))));

    [Fact]
    public void AWebInTheHairIsTold()
    {
        var web = Said(DemoWorld.Part("web", ("length", 120.0), ("fan", 200.0)), ("from", "brow"));
        Assert.Contains(Codes(web), c => c is CautionCode.PastHairline or CautionCode.OutgrownField);
        Assert.DoesNotContain(CautionCode.PastHairline, Codes(DemoWorld.Part("web")));
        Assert.DoesNotContain(CautionCode.PastHairline, Codes(DemoWorld.Part("hangingHair")));
    }

    // A mask over the eyes has a bare neck by intent; a painted head on a bare neck looks cut off.
    [Fact]
    public void APartMaskMayHaveABareNeck()
    {
        Assert.DoesNotContain(CautionCode.BareGap, Codes(Base("forehead", "orbit", "nose")));
        Assert.Contains(CautionCode.BareGap, Codes(DemoWorld.Part("skinBase", ("fade", 10.0))));
    }

    // Powder is no remedy for a powdered ground.
    [Fact]
    public void NobodyIsToldToPowderPowder()
    {
        var powdered = Base("forehead", "cheekbone") with { Paints = new Dictionary<string, PaintMix> { ["ground"] = new([new("fog-shade", 1)]) } };
        var glitter = DemoWorld.Kit.Paints[0] with { Id = "spark", Name = "Spark", Material = Material.Glitter };
        var kit = DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints, glitter] };
        var dots = Said(DemoWorld.Part("dotRow"), ("along", "brow")) with { Id = "dots", Paints = new Dictionary<string, PaintMix> { ["dot"] = new([new("spark", 1)]) } };
        var notes = Planner.Plan(DemoWorld.LookOf(powdered, dots) with { Mendings = [new(MendingKind.WetSpot, "dotRow-1/dot", TakenOut: true)] }, DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade).Plan.Cautions;
        var note = Assert.Single(notes, n => n.Code is CautionCode.NoGrip or CautionCode.DoesNotHold);
        Assert.DoesNotContain("owder the ground", note.Sentence, StringComparison.Ordinal);
    }

    // Flames stand: each is taller than it is wide, on every line they rise from.
    [Theory]
    [InlineData("brow", 2)]
    [InlineData("jaw", 2)]
    [InlineData("jaw", 5)]
    [InlineData("cheekbone", 3)]
    public void FlamesStand(string along, int count)
    {
        var part = Said(DemoWorld.Part("flames", ("count", (double)count)), ("along", along)) with { Sides = Sides.Left, Unevenness = 0 };
        var tallest = DemoWorld.Expand(part).Marks.OfType<RegionMark>().Where(m => m.Role == "flame").Select(m => m.Outline.EnvelopeInternal).MaxBy(e => e.Height)!;
        Assert.True(tallest.Height > tallest.Width, $"{tallest.Width:0} wide, {tallest.Height:0} tall");
    }

    // Drops spread over the chest, each row smaller than the one above (common practice).
    [Theory]
    [InlineData(3, 20)]
    [InlineData(5, 40)]
    [InlineData(5, 30)]
    public void SpreadingDropsGetSmaller(int rows, double length)
    {
        var part = DemoWorld.Part("reversedDrops", ("rows", (double)rows), ("length", length), ("grade", 0.8)) with { Sides = Sides.Left, Unevenness = 0 };
        var marks = DemoWorld.Expand(part).Marks.OfType<RegionMark>().Where(m => m.Role == "drop").Select(m => DemoWorld.Body.Chart.AreaMm2(m.Outline)).ToArray();
        Assert.True(marks[^1] < marks[0], string.Join(" ", marks.Select(m => m.ToString("0"))));
    }

    // Paint does not go into the hair unless it is pointed at: of every kind on every zone no more than a seventh as it comes.
    [Fact]
    public void NothingHangsInTheHairAsItComes() => Assert.All(
        from kind in PartKinds.All where kind.Id != "motif" from zone in kind.HangsOn where zone != Zone.Scalp select (kind, zone),
        at =>
        {
            var marks = DemoWorld.Expand(NewPart.Of(at.kind, at.zone, DemoWorld.Kit)).Marks;
            Zone[] lies = [.. marks.SelectMany(m => m switch
            {
                RegionMark r => Curves.Rings(r.Outline).SelectMany(ring => Curves.Every(4, ring)),
                StrokeMark s => Curves.Every(4, s.Path),
                DotMark d => [d.At],
                _ => (IEnumerable<ChartPoint>)[],
            }).Select(DemoWorld.Body.ZoneAt)];
            Assert.InRange(lies.Count(z => z == Zone.Scalp), 0, lies.Length / 7);
        });
}

using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Checks;

/// <summary>Each check of a look finds what it is for and lets the rest pass (common practice throughout).</summary>
public class LookCheckTests
{
    [Fact]
    public void ASkullWithoutANoseIsMentioned()
    {
        var skull = new[] { DemoWorld.Part("socket"), DemoWorld.Part("toothRow") };
        Assert.Contains(Notes(skull), n => n.Code == CautionCode.SkullWithoutNose && n.At is not null);
        Assert.DoesNotContain(Notes([.. skull, DemoWorld.Part("noseCavity")]), n => n.Code == CautionCode.SkullWithoutNose);
    }

    [Fact]
    public void ATooLargeBodyOutgrowsItsField()
    {
        Assert.DoesNotContain(Notes(DemoWorld.Part("eightLegs")), n => n.Code == CautionCode.OutgrownField);
        var kind = PartKinds.Find("eightLegs")!;
        var body = kind.Parameters.First(p => p.Type == ParameterType.LengthMm);
        Assert.Contains(Notes(DemoWorld.Part("eightLegs", (body.Id, body.Most))), n => n.Code == CautionCode.OutgrownField && n.Parts.Count == 1);
    }

    // Where a kind lies on a face (common practice), on four bodies: no more than a tenth of it elsewhere.
    [Theory]
    [InlineData("socket", "orbit lid cheekbone forehead temple nose")]
    [InlineData("cheekHollow", "cheek hollow|cheekbone jaw temple")]
    [InlineData("noseCavity", "nose|upper lip cheekbone")]
    [InlineData("toothRow", "lips|upper lip chin cheek hollow jaw")]
    [InlineData("beak", "nose|upper lip lips forehead orbit cheekbone chin cheek hollow")]
    [InlineData("muzzle", "upper lip nose lips chin cheek hollow cheekbone jaw")]
    [InlineData("whiskers", "cheek hollow upper lip cheekbone jaw nose ear temple neck side")]
    [InlineData("horns", "forehead scalp temple")]
    [InlineData("goatee", "chin lips under-jaw jaw upper lip")]
    [InlineData("eyePatch", "orbit lid cheekbone forehead temple nose")]
    public void AKindLiesWhereItBelongs(string kind, string zones) => Assert.All(DemoWorld.Bodies.Values, body =>
    {
        var belongs = zones.Replace('|', ' ').Split(' ', StringSplitOptions.RemoveEmptyEntries).ToHashSet();
        var at = DemoWorld.Expand(DemoWorld.Part(kind), body).Marks.OfType<RegionMark>().SelectMany(m => Curves.Every(3, [.. m.Outline.Coordinates.Select(c => new ChartPoint(c.X, c.Y))]))
            .Select(body.ZoneAt).ToArray();
        Assert.InRange(at.Count(z => !z.Name().Split(' ').All(belongs.Contains)), 0, at.Length / 10);
    });

    // The farther a part is moved off, the more of it is reported, and of what comes to lie on another part of the body all.
    [Theory]
    [InlineData("socket")]
    [InlineData("toothRow")]
    [InlineData("cheekHollow")]
    public void MovedAwayAPartOutgrowsItsField(string kind)
    {
        double Outside(double mm)
        {
            var part = DemoWorld.Part(kind) with { Moved = new(0, -mm) };
            return PartField.Outside(PartKinds.Find(kind)!, part, DemoWorld.Expand(part), DemoWorld.Body).Share;
        }

        double[] shares = [.. new double[] { 0, 20, 40, 60, 80 }.Select(Outside)];
        Assert.InRange(shares[0], 0, 0.1);
        Assert.True(shares[^1] > 0.6, $"{shares[^1]:0.00}");
        Assert.All(shares.Zip(shares.Skip(1)), s => Assert.True(s.Second >= s.First - 0.05));
        Assert.Contains(Notes(DemoWorld.Part(kind) with { Moved = new(0, -80) }), n => n.Code == CautionCode.OutgrownField);
    }

    public static TheoryData<string> Kinds => [.. PartKinds.All.Select(k => k.Id)];

    [Fact]
    public void TwoFiguresOnTheSameGroundHaveNoRoom()
    {
        var horns = DemoWorld.Part("horns");
        Assert.Contains(Notes(horns, horns with { Moved = new(4, 0) }), n => n.Code == CautionCode.NoRoom);
        Assert.DoesNotContain(Notes(horns, DemoWorld.Part("noseCavity")), n => n.Code == CautionCode.NoRoom);
        Assert.DoesNotContain(Notes(DemoWorld.Part("socket"), DemoWorld.Part("lidEye")), n => n.Code == CautionCode.NoRoom);
    }

    [Fact]
    public void AOneSidedLookIsLopsidedAndAnEvenOneIsNot()
    {
        Assert.DoesNotContain(Notes(DemoWorld.Part("socket"), DemoWorld.Part("cheekHollow")), n => n.Code == CautionCode.UnevenWeight);
        var lopsided = Notes(DemoWorld.Part("socket") with { Sides = Sides.Left });
        Assert.Contains(lopsided, n => n.Sentence.StartsWith("The wearer's left carries", StringComparison.Ordinal));
    }

    [Fact]
    public void ABaseThatEndsAlongTheJawIsWarnedOf()
    {
        var mask = DemoWorld.Part("skinBase") with { Zones = Zones("forehead", "temple", "orbit", "cheekbone", "cheek hollow", "nose", "upper lip", "lips") };
        Assert.DoesNotContain(Notes(DemoWorld.Part("skinBase")), n => n.Code == CautionCode.EndsAlongJaw);
        var whole = mask with { Zones = Zones("forehead", "cheekbone", "cheek hollow", "upper lip", "lips", "nose", "temple", "orbit", "under-jaw") };
        Assert.Contains(Notes(whole), n => n.Code == CautionCode.EndsAlongJaw && n.Severity == Severity.Warning);
    }

    [Fact]
    public void BareSkinAboveTheCostumeIsMeasured()
    {
        Assert.Contains(Notes(DemoWorld.Part("skinBase")), n => n.Code == CautionCode.BareGap);
        var down = DemoWorld.Part("skinBase") with { Words = new Dictionary<string, string> { ["lowerEnd"] = "runs to the neckline" } };
        Assert.DoesNotContain(Notes(down), n => n.Code == CautionCode.BareGap);
    }

    [Fact]
    public void WetPaintAtTheLashesIsMentionedAndAPencilIsNot()
    {
        var pencil = DemoWorld.Kit.Paints.First(p => p.Material == Material.Pencil).Id;
        var socket = DemoWorld.Part("socket");
        Assert.Contains(Notes(socket), n => n.Code == CautionCode.LashLine);
        var drawn = socket with { Paints = new Dictionary<string, PaintMix> { ["dark"] = new([new(pencil, 1)]) } };
        Assert.DoesNotContain(Notes(drawn), n => n.Code == CautionCode.LashLine);
        Assert.DoesNotContain(Notes(DemoWorld.Part("chinArc")), n => n.Code == CautionCode.LashLine);
    }

    [Fact]
    public void AHueThatStaysAtTheTopIsMentioned()
    {
        static Part Painted(string kind, string paint)
        {
            var part = DemoWorld.Part(kind);
            return part with { Paints = part.Paints.ToDictionary(p => p.Key, _ => new PaintMix([new(paint, 1)])) };
        }

        Part[] top = [Painted("petalRing", "verdigris"), Painted("templeHollow", "verdigris"), Painted("cheekHollow", "tarn-black"), Painted("collarBones", "tarn-black")];
        Assert.Contains(Notes(top), n => n.Sentence.StartsWith("Verdigris is seen only above the mouth", StringComparison.Ordinal));
        Assert.DoesNotContain(Notes([.. top, Painted("reversedDrops", "verdigris")]), n => n.Sentence.StartsWith("Verdigris is seen only", StringComparison.Ordinal));
    }

    [Fact]
    public void APartUnderTheCostumeIsMentioned()
    {
        var low = DemoWorld.Part("ribs");
        var polo = DemoWorld.Parade with { NecklineMm = -40 };
        var notes = Planner.Plan(DemoWorld.LookOf(low), DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, polo).Plan.Cautions;
        Assert.Contains(notes, n => n.Code == CautionCode.UnderCostume);
    }

    private static IReadOnlyList<CautionNote> Notes(params Part[] parts) => DemoWorld.PlanOf(parts).Plan.Cautions;

    private static Dictionary<string, IReadOnlyList<string>> Zones(params string[] zones) => new() { ["zones"] = zones };
}

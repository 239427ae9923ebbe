using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>What painters found wrong with parts, each mended.</summary>
public class MendedFaultTests
{
    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Faces))]
    public void ClawMarksSkipTheEye(string face)
    {
        var body = DemoWorld.Bodies[face];
        var lid = body.ZoneOutlines[Zone.Lid];
        foreach (var (count, length) in new[] { (3.0, 60.0), (5, 120), (5, 40) })
        {
            var marks = DemoWorld.Expand(DemoWorld.Part("clawWound", ("count", count), ("length", length), ("apart", 24)), body).Marks;
            Assert.All(marks.OfType<RegionMark>(), r => Assert.True(r.Outline.Intersection(lid).Area < 1e-6));
            Assert.All(marks.OfType<StrokeMark>().SelectMany(s => s.Path), p => Assert.False(lid.Contains(new NetTopologySuite.Geometries.Point(p.XMm, p.YMm))));
        }
    }

    // No tooth is narrower than 1.5 mm (common practice), however many would fit.
    [Theory]
    [InlineData("bigMouth", 0.85)]
    [InlineData("bigMouth", 0.7)]
    [InlineData("toothRow", 0.6)]
    public void NoToothIsTooNarrowToPaint(string kind, double grade)
    {
        var part = DemoWorld.Part(kind, ("grade", grade), ("tooth", 4), ("beyond", 35));
        var teeth = DemoWorld.Expand(part).Marks.OfType<RegionMark>().Where(r => r.Role == "tooth").ToArray();
        Assert.NotEmpty(teeth);
        Assert.All(teeth, t => Assert.True(Math.Max(t.Box().Width, t.Box().Height) > 1.3, $"{t.Box().Width} × {t.Box().Height} mm"));
    }

    // The chin alone is a spot on the chin.
    [Theory]
    [MemberData(nameof(Faces))]
    public void ABaseOnTheChinAlonePaintsNoNeck(string face)
    {
        var part = DemoWorld.Part("skinBase") with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = ["chin"] } };
        var ground = Assert.Single(DemoWorld.Expand(part, DemoWorld.Bodies[face]).Marks.OfType<RegionMark>());
        Assert.InRange(DemoWorld.Bodies[face].Chart.AreaMm2(ground.Outline) / 100, 2, 40);
        var whole = DemoWorld.Expand(DemoWorld.Part("skinBase"), DemoWorld.Bodies[face]).Marks.OfType<RegionMark>().Single();
        Assert.True(whole.Outline.EnvelopeInternal.MinY < ground.Outline.EnvelopeInternal.MinY);
    }

    [Theory]
    [InlineData("chin", true)]
    [InlineData("breastbone", true)]
    [InlineData("temple", false)]
    public void AMotifOnTheMidLineIsThereOnce(string at, bool once)
    {
        var part = DemoWorld.Part("motif") with { Words = new Dictionary<string, string> { ["at"] = at } };
        var (both, left) = (DemoWorld.Expand(part).Marks, DemoWorld.Expand(part with { Sides = Sides.Left }).Marks);
        Assert.Equal(once ? left.Count : 2 * left.Count, both.Count);
        if (once)
        {
            Assert.InRange(Mark.Middle(both)!.Value.XMm, -3, 3);
            Assert.All(both, m => Assert.Equal(Side.Middle, m.Side));
        }
    }

    // A pencil is dry at once: nobody keeps the eyes closed for it.
    [Fact]
    public void APencilOnTheLidKeepsNobodyWaiting()
    {
        var pencil = DemoWorld.Kit.Paints.First(p => p.Material == Material.Pencil) with { DryingSeconds = 0, NearEyes = true };
        var kit = DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints.Where(p => p.Id != pencil.Id), pencil] };
        var lid = PartKinds.All.First(k => k.HangsOn.Contains(Zone.Lid) && DemoWorld.PlanOf(DemoWorld.Part(k.Id)).Plan.Cautions.Any(c => c.Code == CautionCode.LidsClosed));
        var part = DemoWorld.Part(lid.Id);
        part = part with { Paints = part.Paints.ToDictionary(p => p.Key, _ => new PaintMix([new(pencil.Id, 1)])) };
        var plan = Planner.Plan(DemoWorld.LookOf(part), DemoWorld.Faces[0], DemoWorld.Body, kit, DemoWorld.Parade).Plan;
        Assert.DoesNotContain(plan.Cautions, c => c.Code == CautionCode.LidsClosed);
    }

    [Fact]
    public void AFigureWithoutPaintIsTold()
    {
        var part = DemoWorld.Part("socket");
        var bare = DemoWorld.PlanOf(part with { Paints = new Dictionary<string, PaintMix>() });
        Assert.Contains(bare.Plan.Cautions, c => c.Code == CautionCode.Unpainted && c.Sentence.Contains("no paint is named", StringComparison.Ordinal));
        Assert.DoesNotContain(DemoWorld.PlanOf(part).Plan.Cautions, c => c.Code == CautionCode.Unpainted);
        Assert.All(DemoWorld.AllKits, kit => Assert.NotEmpty(kit.Paints));
    }

    [Fact]
    public void EveryImpossiblePaintOfAKitIsNamedAtOnce()
    {
        var kit = DemoWorld.Kit with { Paints = [.. DemoWorld.Kit.Paints.Select((p, k) => k is 1 or 4 ? p with { CoatFilmUm = -3 } : p)] };
        var refused = Assert.Throws<PlanException>(() => DocumentCheck.Check(kit));
        Assert.Equal(["paints[1]", "paints[4]"], refused.Problems.Select(p => p.Field));
    }
}

using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>A typed millimetre is a millimetre on the skin, on every face.</summary>
public class SizeTests
{
    public static TheoryData<string> Faces => [.. DemoWorld.Faces.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Faces))]
    public void ASocketReachesAsFarAboveTheBrowAsTyped(string face)
    {
        var body = DemoWorld.Bodies[face];
        var flat = DemoWorld.Part("socket", ("aboveBrow", 0), ("droop", 0), ("ragged", 0));
        var high = DemoWorld.Part("socket", ("aboveBrow", 9), ("droop", 0), ("ragged", 0));
        var brow = body.At(Landmark.BrowPeak.Left);
        double Top(Part part) => DemoWorld.Expand(part, body).Marks.OfType<RegionMark>().First(m => m.Side == Side.Left && m.Role == "dark").Outline.EnvelopeInternal.MaxY;
        Assert.Equal(0, Top(flat) - brow.YMm, 0.15);
        Assert.Equal(9, body.LineMm([brow, new(brow.XMm, Top(high))]), 0.3);
    }

    [Theory]
    [InlineData("cheekHollow", "length", "Length", 52)]
    [InlineData("noseCavity", "height", "Height", 31)]
    public void ALengthIsMeasuredAsTyped(string kind, string parameter, string label, double mm)
    {
        foreach (var body in DemoWorld.Bodies.Values)
        {
            var size = DemoWorld.Expand(DemoWorld.Part(kind, (parameter, mm)), body).Sizes.First(s => s.Label == label);
            Assert.Equal(mm, size.Value, 0.03 * mm);
        }
    }

    [Fact]
    public void ACrackIsAsLongAsTyped()
    {
        var longest = DemoWorld.Expand(DemoWorld.Part("crackCluster", ("length", 40), ("branches", 0))).Sizes.First(s => s.Label == "Longest");
        Assert.Equal(40, longest.Value, 1.5);
    }

    [Fact]
    public void DefaultsGrowWithTheFace()
    {
        double Area(string face) => DemoWorld.Expand(DemoWorld.Part("socket"), DemoWorld.Bodies[face]).Sizes.First(s => s.Unit == "cm²").Value;
        Assert.True(Area("bartram") > Area("odalys"));
    }

    // Common practice: teeth shrink from the middle of the mouth to the back.
    [Fact]
    public void TeethShrinkTowardsTheBack()
    {
        var teeth = DemoWorld.Expand(DemoWorld.Part("toothRow", ("crooked", 0))).Marks.OfType<RegionMark>()
            .Where(m => m.Role == "tooth" && m.Side == Side.Left).Select(m => m.Outline).Where(o => o.Centroid.Y > DemoWorld.Body.At(Landmark.MouthLine).YMm)
            .OrderBy(o => o.Centroid.X).Select(o => o.Area).ToArray();
        Assert.True(teeth.Length >= 3);
        Assert.Equal(teeth.OrderDescending(), teeth);
    }

    // Common practice: as many teeth as there is room for.
    [Fact]
    public void AWiderRowHasMoreTeeth()
    {
        double Teeth(double beyond) => DemoWorld.Expand(DemoWorld.Part("toothRow", ("beyond", beyond))).Sizes.First(s => s.Label == "Teeth").Value;
        Assert.True(Teeth(30) > Teeth(-4));
    }

    // Common practice: a base ends under the chin or fades, never in a line along the jaw.
    [Fact]
    public void ABaseGoesOnBelowTheJaw() => Assert.All(DemoWorld.Bodies.Values, body =>
    {
        var ground = DemoWorld.Expand(DemoWorld.Part("skinBase"), body).Marks.OfType<RegionMark>().Single();
        Assert.True(ground.Outline.EnvelopeInternal.MinY < body.At(Landmark.Submentale).YMm - 10);
        Assert.Equal(1, ground.Fade!.At(body.At(Landmark.Gnathion).YMm));
        Assert.Equal(0, ground.Fade.At(ground.Outline.EnvelopeInternal.MinY - 1), 0.05);
    });

    [Fact]
    public void ABaseToTheNecklineCoversTheNotchAndStopsUnderTheCostume()
    {
        var part = DemoWorld.Part("skinBase") with { Words = new Dictionary<string, string> { ["lowerEnd"] = "runs to the neckline" } };
        var body = DemoWorld.Body;
        var ground = DemoWorld.Expand(part).Marks.OfType<RegionMark>().Single();
        var edge = body.Go(body.At(Landmark.Suprasternale), -Math.PI / 2, DemoWorld.Parade.NecklineMm);
        var notch = body.At(Landmark.Suprasternale);
        Assert.Null(ground.Fade);
        Assert.True(ground.Outline.Contains(new NetTopologySuite.Geometries.Point(notch.XMm, notch.YMm)));
        Assert.InRange(edge.YMm - ground.Outline.EnvelopeInternal.MinY, 0, 30);
    }

    [Fact]
    public void ABaseLeavesOutZonesThatWereNotChosen()
    {
        var part = DemoWorld.Part("skinBase") with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = ["forehead", "orbit", "temple"] } };
        var zones = DemoWorld.Body.ZonesUnder(Footprint.Of(DemoWorld.Expand(part).Marks).Cells());
        Assert.DoesNotContain(Zone.Lid, zones);
        Assert.DoesNotContain(Zone.Cheekbone, zones);
        Assert.Contains(Zone.Forehead, zones);
    }
}

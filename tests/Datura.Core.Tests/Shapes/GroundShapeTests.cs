using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Shapes;

/// <summary>Where a ground ends: shapes of it, and its lower end.</summary>
public class GroundShapeTests
{
    // An end on the neck is as far below the chin as asked, and fades from there.
    [Theory]
    [InlineData(20)]
    [InlineData(45)]
    [InlineData(80)]
    public void AnEndOnTheNeckIsWhereThePainterWantsIt(double mm)
    {
        var body = DemoWorld.Body;
        var mark = DemoWorld.Expand(DemoWorld.Part("skinBase", ("neckHeight", mm), ("fade", 20)) with { Words = new Dictionary<string, string> { ["lowerEnd"] = "ends on the neck" } }).Marks.OfType<RegionMark>().Single();
        var chin = body.At(Landmark.Submentale);
        Assert.Equal(1, mark.Fade!.At(body.Go(chin, -Math.PI / 2, mm - 6).YMm), 2);
        Assert.Equal(0, mark.Fade.At(body.Go(chin, -Math.PI / 2, mm + 24).YMm), 2);
    }

    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Faces))]
    public void AnOvalLeavesAMarginOfSkin(string face)
    {
        var body = DemoWorld.Bodies[face];
        var sizes = new List<double>();
        foreach (var margin in new[] { 0.0, 12, 24 })
        {
            var oval = Ground(face, [("shape", "oval with a margin")], ("margin", margin)).Outline;
            Assert.True(oval.EnvelopeInternal.MaxY <= body.At(Landmark.Trichion).YMm - margin + 1);
            Assert.True(oval.EnvelopeInternal.MinY >= body.At(Landmark.Gnathion).YMm + margin - 1);
            Assert.InRange(oval.EnvelopeInternal.MaxX + oval.EnvelopeInternal.MinX, -2, 2);
            sizes.Add(oval.Area);
        }

        Assert.True(sizes[0] > sizes[1] && sizes[1] > sizes[2] && sizes[2] > 500);
    }

    [Theory]
    [MemberData(nameof(Faces))]
    public void AnUpperFaceEndsAtItsLine(string face)
    {
        var body = DemoWorld.Bodies[face];
        foreach (var line in new[] { 10.0, 40, 70 })
        {
            var lowest = Ground(face, [("shape", "upper face")], ("line", line)).Outline.EnvelopeInternal.MinY;
            Assert.Equal(line, body.LineMm([body.At(Landmark.Sellion), new(0, lowest)]), 1.5);
        }
    }

    [Theory]
    [MemberData(nameof(Faces))]
    public void AGoggleTakesInBothEyesAndDipsOverTheNose(string face)
    {
        var body = DemoWorld.Bodies[face];
        var goggle = Ground(face, [("shape", "goggle")]).Outline;
        Point At(ChartPoint p) => new(p.XMm, p.YMm);
        Assert.All(new[] { Landmark.Exocanthion, Landmark.Endocanthion, Landmark.PalpebraleInferius }, l => Assert.True(goggle.Contains(At(body.At(l)))));
        Assert.False(goggle.Contains(At(body.At(Landmark.Pronasale))));
        double Height(double x) => goggle.Intersection(new LineString([new(x, -300), new(x, 300)])).Length;
        var eye = 0.5 * (body.At(Landmark.Endocanthion) + body.At(Landmark.Exocanthion));
        Assert.True(Height(0) < 0.6 * Height(eye.XMm));
    }

    [Theory]
    [MemberData(nameof(Faces))]
    public void TheLowerEndIsWhereThePainterWantsIt(string face)
    {
        double Lowest(string end) => Ground(face, [("lowerEnd", end)]).Outline.EnvelopeInternal.MinY;
        var (jaw, chin, neck, line) = (Lowest("fades at the jaw"), Lowest("ends under the chin"), Lowest("fades below the jaw"), Lowest("runs to the neckline"));
        Assert.True(jaw > chin - 1e-6 && chin > line && neck > line && jaw > neck);
        // What stops at the jaw has no hard edge there.
        Assert.True(Ground(face, [("lowerEnd", "fades at the jaw")]).EdgeMm > Ground(face, []).EdgeMm - 1e-9);
    }

    private static RegionMark Ground(string face, (string Id, string Word)[] words, params (string Id, double Value)[] numbers) => DemoWorld.Expand(
        DemoWorld.Part("skinBase", numbers) with { Words = words.ToDictionary(w => w.Id, w => w.Word) }, DemoWorld.Bodies[face]).Marks.OfType<RegionMark>().Single();
}

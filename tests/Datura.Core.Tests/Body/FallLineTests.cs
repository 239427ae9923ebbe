using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

/// <summary>The fall line on surfaces whose answer is known in closed form (differential geometry; any textbook), and on faces.</summary>
public class FallLineTests
{
    private const double R = 90;

    public static TheoryData<string> Faces => [.. DemoWorld.FourFaces.Select(f => f.Id)];

    // Turned out of the vertical, so that neither coordinate runs down.
    private static Vec3 Sphere(ChartPoint p)
    {
        var (lon, lat) = (p.XMm / R, p.YMm / R);
        var v = R * new Vec3(Math.Cos(lat) * Math.Sin(lon), Math.Sin(lat), Math.Cos(lat) * Math.Cos(lon));
        var (sin, cos) = Math.SinCos(0.6);
        return new(cos * v.X - sin * v.Y, sin * v.X + cos * v.Y, v.Z);
    }

    // Half angle 30°, its tip up: the slant length from the tip is -y, the way round x / 30.
    private static Vec3 Cone(ChartPoint p) => new(-0.5 * p.YMm * Math.Sin(p.XMm / 30), Math.Sqrt(0.75) * p.YMm, -0.5 * p.YMm * Math.Cos(p.XMm / 30));

    // On a sphere the fall line is the great circle through the top: the plane of start and vertical is never left.
    [Theory]
    [InlineData(10, 60)]
    [InlineData(-50, 30)]
    [InlineData(70, -10)]
    public void OnASphereADropRunsInTheUprightPlaneThroughTheTop(double x, double y)
    {
        var start = Sphere(new(x, y));
        var across = start.Cross(new(0, 1, 0)).Unit();
        var path = FallLine.From(Sphere, new(x, y), 60);
        Assert.True(path.Count > 5);
        Assert.All(path, p => Assert.InRange(Math.Abs(Sphere(p).Dot(across)), 0, 0.25));
    }

    // A cone that stands on its base: straight from the tip outwards, and as long as asked.
    [Theory]
    [InlineData(0, -40)]
    [InlineData(35, -60)]
    public void OnAConeADropRunsStraightFromTheTip(double x, double y)
    {
        var path = FallLine.From(Cone, new(x, y), 50);
        Assert.All(path, p => Assert.Equal(x, p.XMm, 0.01));
        Assert.Equal(y - 50, path[^1].YMm, 0.05);
    }

    [Fact]
    public void OnLevelGroundADropStands() => Assert.Single(FallLine.From(p => new(p.XMm, 0, p.YMm), new(3, 4), 40));

    // Whatever it wanders, every step is lower than the one before; so it is on the way and never runs to and fro.
    [Theory]
    [MemberData(nameof(Faces))]
    public void EveryStepOnAFaceIsLower(string face)
    {
        var body = DemoWorld.Bodies[face];
        var random = new SeededRandom(7);
        foreach (var landmark in new[] { Landmark.Glabella, Landmark.BrowPeak, Landmark.PalpebraleInferius, Landmark.Cheekbone, Landmark.Cheilion, Landmark.Gonion, Landmark.ThyroidNotch })
        {
            var heights = FallLine.On(body, body.At(landmark), 80, () => 0.8 * random.Either()).Select(p => body.Chart.Position(p).Y).ToArray();
            Assert.Equal(heights.OrderDescending(), heights);
        }
    }

    [Theory]
    [MemberData(nameof(Faces))]
    public void ADripEndsLowerThanItBeginsAndInABead(string face)
    {
        var body = DemoWorld.Bodies[face];
        foreach (var from in new[] { "lower lid", "corner of the mouth", "brow", "hairline", "neck" })
        {
            var marks = DemoWorld.Expand(DemoWorld.Part("drips", ("width", 3)) with { Words = new Dictionary<string, string> { ["from"] = from } }, body).Marks;
            Assert.All(marks.OfType<StrokeMark>(), s => Assert.True(body.Chart.Position(s.Path[^1]).Y < body.Chart.Position(s.Path[0]).Y));
            // Common practice: the bead is 1.4 times as wide as the run.
            Assert.Contains(marks.OfType<DotMark>(), d => Math.Abs(d.DiameterMm - 4.2) < 1e-6);
        }
    }

    // The length on the skin is the asked one, unless the drop stands before.
    [Fact]
    public void ARunIsAsLongAsAsked()
    {
        var body = DemoWorld.Body;
        Assert.Equal(30, body.LineMm(FallLine.On(body, body.At(Landmark.PalpebraleInferius), 30)), 0.6);
    }
}

using Datura.Core.Body;
using NetTopologySuite.Geometries;

namespace Datura.Core.Tests.Body;

/// <summary>
/// Tape and area on surfaces whose answers are known in closed form, run through the same code as a body
/// (differential geometry; any textbook).
/// </summary>
public class KnownSurfaceTests
{
    private const double R = 90;
    private const double Deg = Math.PI / 180;

    // v is the height in mm; latitude follows from it so that the grid stays regular.
    private static readonly SkinGrid Sphere = SkinGrid.From(
        p => R * new Vec3(Math.Cos(p.HeightMm / R) * Math.Sin(p.AzimuthRad), Math.Sin(p.HeightMm / R), Math.Cos(p.HeightMm / R) * Math.Cos(p.AzimuthRad)),
        360, 241, -120, 1);

    private static readonly SkinGrid Cylinder = SkinGrid.From(
        p => new(R * Math.Sin(p.AzimuthRad), p.HeightMm, R * Math.Cos(p.AzimuthRad)), 360, 201, -100, 1);

    // Half angle 30°: the slant length from the tip is v, the radius v/2.
    private static readonly SkinGrid Cone = SkinGrid.From(
        p => new(p.HeightMm * 0.5 * Math.Sin(p.AzimuthRad), -p.HeightMm * Math.Sqrt(0.75), p.HeightMm * 0.5 * Math.Cos(p.AzimuthRad)), 360, 151, 50, 1);

    [Theory]
    [InlineData(0, 0, 60, 0)]
    [InlineData(-40, 20, 50, -30)]
    [InlineData(10, 60, 120, 40)]
    public void ATapeOnASphereFollowsTheGreatCircle(double fromDeg, double fromMm, double toDeg, double toMm)
    {
        var (a, b) = (new SkinPoint(fromDeg * Deg, fromMm), new SkinPoint(toDeg * Deg, toMm));
        var cos = Sphere.Position(a).Dot(Sphere.Position(b)) / (R * R);
        var expected = R * Math.Acos(cos);
        Assert.Equal(expected, Tape.DistanceMm(Sphere, a, b), expected * 0.005);
    }

    // Straight ahead on a sphere is a great circle: after r the walker stands at angle r/R in the plane of start and heading.
    [Theory]
    [InlineData(0, 0, 1, 0.4, 70)]
    [InlineData(-30, 25, -0.6, 1, 60)]
    [InlineData(50, -40, 0.2, -1, 45)]
    public void WalkingStraightOnASphereFollowsTheGreatCircle(double fromDeg, double fromMm, double across, double up, double lengthMm)
    {
        var start = new SkinPoint(fromDeg * Deg, fromMm);
        var (p, u, v) = Sphere.Evaluate(start);
        var heading = (across * u.Unit() + up * v.Unit()).Unit();
        var end = Sphere.Position(SkinWalk.Straight(Sphere, start, heading, lengthMm));
        var angle = lengthMm / R;
        Assert.InRange((end - (Math.Cos(angle) * p + R * Math.Sin(angle) * heading)).Length, 0, 0.005 * lengthMm);
    }

    // On a cylinder it is a straight line once unrolled: a helix.
    [Theory]
    [InlineData(1, 0.5, 80)]
    [InlineData(-1, -0.9, 60)]
    public void WalkingStraightOnACylinderFollowsAHelix(double across, double up, double lengthMm)
    {
        var start = new SkinPoint(0.2, -5);
        var (_, u, v) = Cylinder.Evaluate(start);
        var end = SkinWalk.Straight(Cylinder, start, across * u.Unit() + up * v.Unit(), lengthMm);
        var size = Math.Sqrt(across * across + up * up);
        Assert.Equal(0.2 + across / size * lengthMm / R, end.AzimuthRad, 0.005);
        Assert.Equal(-5 + up / size * lengthMm, end.HeightMm, 0.3);
    }

    // Walking and the tape agree: what lies straight ahead at a length lies that far along the tape.
    [Fact]
    public void TheTapeToWhereOneWalkedIsAsLongAsTheWalk()
    {
        var start = new SkinPoint(0.1, 110);
        var (_, u, v) = Cone.Evaluate(start);
        var end = SkinWalk.Straight(Cone, start, u.Unit() + 0.3 * v.Unit(), 40);
        Assert.Equal(40, Tape.DistanceMm(Cone, start, end), 0.2);
    }

    [Fact]
    public void ATapeOnACylinderIsStraightOnceItIsUnrolled()
    {
        var expected = Math.Sqrt(Math.Pow(R * 80 * Deg, 2) + 70 * 70);
        Assert.Equal(expected, Tape.DistanceMm(Cylinder, new(-20 * Deg, -30), new(60 * Deg, 40)), expected * 0.005);
    }

    [Fact]
    public void ATapeOnAConeIsStraightOnceItIsUnrolled()
    {
        // Unrolled, an azimuth of α spans α/2 about the tip.
        var (a, b, turn) = (80.0, 140.0, 100 * Deg / 2);
        var expected = Math.Sqrt(a * a + b * b - 2 * a * b * Math.Cos(turn));
        Assert.Equal(expected, Tape.DistanceMm(Cone, new(0, a), new(100 * Deg, b)), expected * 0.005);
    }

    [Fact]
    public void ATapeIsAsLongBackAsForth()
    {
        SkinPoint a = new(-0.3, 15), b = new(0.9, -60);
        Assert.Equal(Tape.DistanceMm(Sphere, a, b), Tape.DistanceMm(Sphere, b, a), 0.01);
    }

    [Fact]
    public void ARectangleOnACylinderHasItsFlatArea()
    {
        var chart = new SkinChart(Cylinder, Cylinder, 0);
        Assert.Equal(60 * 40, chart.AreaMm2(Box(-30, 30, -15, 25)), 60 * 40 * 0.005);
    }

    [Fact]
    public void AZoneOfASphereHasTheAreaOfArchimedes()
    {
        var chart = new SkinChart(Sphere, Sphere, 0);
        // Between two heights, over an azimuth range: R·Δaz·(height difference in space). Left and right edges are meridians.
        var edge = Enumerable.Range(0, 61).Select(k => k - 20.0).ToArray();
        var ring = edge.Select(v => chart.ToChart(new(40 * Deg, v))).Concat(edge.Reverse().Select(v => chart.ToChart(new(-25 * Deg, v)))).ToList();
        ring.Add(ring[0]);
        var figure = GeometryFactory.Default.CreatePolygon([.. ring.Select(p => new Coordinate(p.XMm, p.YMm))]);
        var expected = R * 65 * Deg * R * (Math.Sin(40 / R) - Math.Sin(-20 / R));
        Assert.Equal(expected, chart.AreaMm2(figure), expected * 0.005);
    }

    [Fact]
    public void NormalsOfASpherePointAwayFromItsCentre()
    {
        foreach (var at in new[] { new SkinPoint(0, 0), new(1.2, 40), new(-2, -70) })
        {
            Assert.Equal(1, Sphere.Normal(at).Dot(Sphere.Position(at).Unit()), 1e-4);
        }
    }

    private static Polygon Box(double x0, double x1, double y0, double y1) => GeometryFactory.Default.CreatePolygon(
        [new(x0, y0), new(x1, y0), new(x1, y1), new(x0, y1), new(x0, y0)]);
}

using Datura.Core.Body;
using Datura.Core.Photos;

namespace Datura.Core.Tests.Photos;

/// <summary>Drawing against closed forms, and against a second way of reckoning with matrices of four.</summary>
public class CameraTests
{
    // By similar triangles: a length at a distance comes to lie over focal length times length over distance.
    [Fact]
    public void ACaliperSquareToTheCameraIsDrawnBySimilarTriangles()
    {
        var camera = new PhotoCamera(new(1000, 1200, 1500), CameraPose.Of(0, 0, 0, 600));
        var pivot = new Vec3(0, CapsuleCoordinates.EyeLevelMm, CapsuleCoordinates.AxisZMm);
        var (left, _, away) = camera.Draw(pivot + new Vec3(50, 0, 100));
        var (right, y, _) = camera.Draw(pivot + new Vec3(-50, 0, 100));
        Assert.Equal(500, away, 1e-9);
        Assert.Equal(1500 * 100 / 500.0, left - right, 1e-9);
        Assert.Equal(600, y, 1e-9);
    }

    [Fact]
    public void APoseIsReadAsItWasMadeAndShowsTheSideItSays()
    {
        foreach (var (turn, tilt, lean) in new[] { (0.0, 0.0, 0.0), (40, 0, 0), (-65, 10, -5), (20, -15, 12) })
        {
            var pose = CameraPose.Of(turn, tilt, lean, 700);
            Assert.Equal((turn, tilt, lean), (Math.Round(pose.TurnDeg, 9), Math.Round(pose.TiltDeg, 9), Math.Round(pose.LeanDeg, 9)));
            Assert.Equal(0, pose.FromDeg(CameraPose.Of(turn, tilt, lean, 300)), 1e-5);
        }

        var camera = new PhotoCamera(new(1000, 1000, 1200), CameraPose.Of(40, 0, 0, 700));
        var skin = FittedBody.Reference.Skin;
        double Facing(Landmark at) => camera.Facing(skin.Position(Landmarks.At(at)), skin.Normal(Landmarks.At(at)));
        Assert.True(Facing(Landmark.Cheekbone.Left) > Facing(Landmark.Cheekbone.Right));
        // A lifted chin draws the nose tip higher than eye level would have it; a head that leans to its left draws its crown to the right.
        var (_, level, _) = new PhotoCamera(camera.Lens, CameraPose.Of(0, 0, 0, 700)).Draw(skin.Position(Landmarks.At(Landmark.Pronasale)));
        Assert.True(new PhotoCamera(camera.Lens, CameraPose.Of(0, 15, 0, 700)).Draw(skin.Position(Landmarks.At(Landmark.Pronasale))).Y < level);
        Assert.True(new PhotoCamera(camera.Lens, CameraPose.Of(0, 0, 15, 700)).Draw(skin.Position(Landmarks.At(Landmark.Trichion))).X > 500);
    }

    // The same camera as the product of matrices of homogeneous coordinates (Hartley and Zisserman 2004, 6.1), written anew.
    [Fact]
    public void DrawingAgreesWithMatricesOfHomogeneousCoordinates()
    {
        var random = new SeededRandom(17);
        for (var k = 0; k < 200; k++)
        {
            var (turn, tilt, away) = (80 * random.Either(), 30 * random.Either(), 400 + 600 * random.Unit());
            var lens = new Lens(1000, 800, 900 + 900 * random.Unit());
            var at = new Vec3(80 * random.Either(), 90 * random.Either(), 60 * random.Either());
            var (x, y, _) = new PhotoCamera(lens, CameraPose.Of(turn, tilt, 0, away)).Draw(at);
            var (a, b) = (turn * Math.PI / 180, tilt * Math.PI / 180);
            double[][] turned = [[Math.Cos(a), 0, Math.Sin(a), 0], [0, 1, 0, 0], [-Math.Sin(a), 0, Math.Cos(a), 0], [0, 0, 0, 1]];
            double[][] tilted = [[1, 0, 0, 0], [0, Math.Cos(b), Math.Sin(b), 0], [0, -Math.Sin(b), Math.Cos(b), 0], [0, 0, 0, 1]];
            double[][] flipped = [[1, 0, 0, 0], [0, -1, 0, CapsuleCoordinates.EyeLevelMm], [0, 0, -1, CapsuleCoordinates.AxisZMm], [0, 0, 0, 1]];
            double[][] placed = [[1, 0, 0, 0], [0, 1, 0, 0], [0, 0, 1, away], [0, 0, 0, 1]];
            double[][] drawn = [[lens.FocalPx, 0, 500, 0], [0, lens.FocalPx, 400, 0], [0, 0, 1, 0]];
            var p = new[] { drawn, placed, turned, tilted, flipped }.Reverse().Aggregate(new[] { at.X, at.Y, at.Z, 1 }, (v, m) => [.. m.Select(r => r.Zip(v, (c, d) => c * d).Sum())]);
            Assert.Equal(p[0] / p[2], x, 1e-6);
            Assert.Equal(p[1] / p[2], y, 1e-6);
        }
    }

    [Fact]
    public void ARayGoesBackThroughADistortingLens()
    {
        var lens = new Lens(1000, 1400, 1100, -0.08);
        for (var x = -0.4; x <= 0.4; x += 0.1)
        {
            var (px, py) = lens.Draw(x, 0.3);
            var (backX, backY) = lens.Ray(px, py);
            Assert.Equal(x, backX, 1e-6);
            Assert.Equal(0.3, backY, 1e-6);
        }
    }

    // A homography maps its four corners, keeps lines straight and meets (Hartley and Zisserman 2004, 2.3), and the cross-ratio of four points of a line.
    [Fact]
    public void AHomographyKeepsCornersLinesAndCrossRatios()
    {
        (double X, double Y)[] card = [(-42.8, -27), (42.8, -27), (42.8, 27), (-42.8, 27)], seen = [(210, 130), (530, 160), (515, 370), (222, 342)];
        var map = Homography.Of(card, seen)!;
        foreach (var (from, to) in card.Zip(seen))
        {
            var (x, y) = map.Of(from.X, from.Y);
            Assert.Equal(to.X, x, 1e-6);
            Assert.Equal(to.Y, y, 1e-6);
        }

        var line = new[] { -40.0, -10, 5, 30 }.Select(t => map.Of(t, 0.4 * t)).ToArray();
        Assert.Equal(0, (line[1].X - line[0].X) * (line[3].Y - line[0].Y) - (line[1].Y - line[0].Y) * (line[3].X - line[0].X), 1e-6);
        static double Cross(double a, double b, double c, double d) => (c - a) * (d - b) / ((c - b) * (d - a));
        Assert.Equal(Cross(-40, -10, 5, 30), Cross(line[0].X, line[1].X, line[2].X, line[3].X), 1e-9);
        Assert.Null(Homography.Of(card, [(0, 0), (1, 1), (2, 2), (3, 3)]));
    }

    // The camera's slopes against small steps.
    [Fact]
    public void SlopesAreThoseOfSmallSteps()
    {
        var unknown = new CameraUnknown(new(new(1000, 1200, 1300, 0.06), CameraPose.Of(30, 8, -5, 640, 12, -9)), 1300, 0.1);
        var at = new Vec3(35, 12, 30);
        var (x, y, by, xByPlace, yByPlace) = unknown.Draw(at);
        for (var k = 0; k < CameraUnknown.Count; k++)
        {
            var step = new double[CameraUnknown.Count];
            step[k] = 1e-6;
            var moved = unknown.Moved(step).Draw(at);
            Assert.Equal((moved.X - x) / 1e-6, by[k], 1e-2);
            Assert.Equal((moved.Y - y) / 1e-6, by[CameraUnknown.Count + k], 1e-2);
        }

        foreach (var step in new[] { new Vec3(1e-5, 0, 0), new(0, 1e-5, 0), new(0, 0, 1e-5) })
        {
            var moved = unknown.Draw(at + step);
            Assert.Equal(1e5 * (moved.X - x), 1e5 * xByPlace.Dot(step), 1e-3);
            Assert.Equal(1e5 * (moved.Y - y), 1e5 * yByPlace.Dot(step), 1e-3);
        }
    }

    [Fact]
    public void ACardTellsHowItStands()
    {
        var lens = new Lens(1000, 1000, 1200);
        var (turned, at) = (Rotation.About(new(0.2, -0.4, 0.1)), new Vec3(20, -30, 500));
        (double X, double Y)[] card = [(-42.8, -27), (42.8, -27), (42.8, 27), (-42.8, 27)];
        var seen = card.Select(c => turned.Of(new(c.X, c.Y, 0)) + at).Select(q => lens.Draw(q.X / q.Z, q.Y / q.Z)).ToArray();
        var (found, where) = Homography.Of(card, seen)!.Pose(lens);
        Assert.Equal(0, where.DistanceTo(at), 1e-6);
        Assert.Equal(0, found.Of(new(0, 0, 1)).DistanceTo(turned.Of(new(0, 0, 1))), 1e-6);
    }
}

using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Shapes;

/// <summary>Laws of tracing: a picture is seen from somewhere, and however it lies on the table, what is traced over it comes to the same skin.</summary>
public class TracedLineTests
{
    private static readonly string[] Usual = ["exocanthion_right", "exocanthion_left", "mouth_line"];
    private static readonly string[] OfTheLeft = ["exocanthion_left", "cheilion_left", "tragion_left"];

    public static TheoryData<string, double> Pictures
    {
        get
        {
            var all = new TheoryData<string, double>();
            foreach (var face in DemoWorld.FourFaces)
            {
                foreach (var from in new[] { 0.0, 40, -40, 75 })
                {
                    all.Add(face.Id, from);
                }
            }

            return all;
        }
    }

    // A picture taken of this very face from there, laid down anyhow: turned, larger, mirrored, seen aslant.
    [Theory]
    [MemberData(nameof(Pictures))]
    public void WhatIsTracedComesToWhereItWasSeen(string face, double fromDeg)
    {
        var body = DemoWorld.Bodies[face];
        var random = SeededRandom.For(11, $"{face} {fromDeg}");
        for (var round = 0; round < 3; round++)
        {
            var camera = new Camera(fromDeg, random);
            string[] landmarks = fromDeg switch { 0 => Usual, > 0 => OfTheLeft, _ => [.. OfTheLeft.Select(l => new Landmark(l).Mirrored.Id)] };
            ChartPoint[] skin = [.. SeenPlaces(body, fromDeg, random).Take(24)];
            Assert.Equal(24, skin.Length);
            var traced = TracedLine.On(body, camera.Landmarks(body, landmarks), [.. skin.Select(p => camera.Of(body, p))], fromDeg);
            Assert.All(traced.Points.Zip(skin), p => Assert.True((OwnPoints.On(body, p.First) - p.Second).Length() < 0.8, $"{p.Second} came to {OwnPoints.On(body, p.First)}"));
        }
    }

    // Whoever the picture shows: what lies on its landmarks lies on those of the wearer.
    [Theory]
    [MemberData(nameof(Pictures))]
    public void LandmarksOfThePictureComeToThoseOfTheFace(string face, double fromDeg)
    {
        var body = DemoWorld.Bodies[face];
        string[] landmarks = fromDeg switch { 0 => Usual, > 60 => OfTheLeft, > 0 => ["exocanthion_left", "cheilion_left", "cheekbone_left"], _ => ["exocanthion_right", "cheilion_right", "cheekbone_right"] };
        PictureMatch[] sitter = new Camera(fromDeg, SeededRandom.For(5, face)).Landmarks(FittedBody.Reference, landmarks);
        var traced = TracedLine.On(body, sitter, [.. sitter.Select(m => new PicturePoint(m.X, m.Y))], fromDeg);
        Assert.All(traced.Points.Zip(landmarks), p => Assert.True((OwnPoints.On(body, p.First) - body.At(new Landmark(p.Second))).Length() < 1, $"{p.Second} of {face}"));
    }

    [Fact]
    public void FromWhereAPictureIsSeenIsToldByItsLandmarks()
    {
        var body = DemoWorld.Body;
        ChartPoint[] line = [new(30, 10), new(34, -20), new(28, -50)];
        foreach (var (landmarks, fromDeg) in new[] { (Usual, 0.0), (["glabella", "mouth_line", "cheilion_left"], 0.0) })
        {
            var camera = new Camera(fromDeg, SeededRandom.For(1, "told"));
            PicturePoint[] traced = [.. line.Select(p => camera.Of(body, p))];
            Assert.Equal(TracedLine.On(body, camera.Landmarks(body, landmarks), traced, fromDeg).Points, TracedLine.On(body, camera.Landmarks(body, landmarks), traced).Points);
        }

        // Those of one side tell that it shows that side.
        var aside = new Camera(50, SeededRandom.For(2, "aside"));
        var told = TracedLine.On(body, aside.Landmarks(body, OfTheLeft), [.. line.Select(p => aside.Of(body, p))]);
        Assert.All(told.Points.Zip(line), p => Assert.True((OwnPoints.On(body, p.First) - p.Second).Length() < 12));
    }

    // A stroke of the hand has hundreds of places; the line keeps those that matter.
    [Fact]
    public void AStrokeOfTheHandBecomesAFewPointsThatTellIt()
    {
        var body = DemoWorld.Body;
        var camera = new Camera(0, SeededRandom.For(3, "stroke"));
        ChartPoint[] ring = [.. Enumerable.Range(0, 600).Select(k => k * 2 * Math.PI / 599).Select(a => new ChartPoint(42 + 18 * Math.Cos(a) + 2 * Math.Cos(7 * a), -34 + 14 * Math.Sin(a)))];
        var traced = TracedLine.On(body, camera.Landmarks(body, Usual), [.. ring.Select(p => camera.Of(body, p))]);
        Assert.InRange(traced.Points.Count, 12, OwnDrawing.MostPoints);
        ChartPoint[] told = [.. traced.Points.Select(p => OwnPoints.On(body, p))];
        Assert.All(ring, p => Assert.True(Enumerable.Range(1, told.Length - 1).Min(k => Distance(p, told[k - 1], told[k])) < 1.5));
    }

    [Fact]
    public void WhatCannotBeMatchedIsSaid()
    {
        var body = DemoWorld.Body;
        PictureMatch[] good = [new("exocanthion_right", 10, 10), new("exocanthion_left", 90, 10), new("mouth_line", 50, 80)];
        PicturePoint[] line = [new(30, 40), new(60, 50)];
        string Said(PictureMatch[] m, PicturePoint[] p, double? from = null) => Assert.Throws<InputException>(() => TracedLine.On(body, m, p, from)).Message;
        Assert.Equal(2, TracedLine.On(body, good, line).Points.Count);
        Assert.Contains("almost in a line", Said([good[0], good[1], new("mouth_line", 50, 11)], line));
        Assert.Contains("almost in a line", Said([new("glabella", 1, 1), new("sellion", 50, 90), new("pronasale", 80, 3)], line));
        Assert.Contains("three different", Said([good[0], good[0], good[2]], line));
        Assert.Contains("three different", Said([good[0], good[1]], line));
        Assert.Contains("no place of the face", Said([good[0], good[1], new("moustache", 50, 80)], line));
        Assert.Contains("2 to 2000 points", Said(good, [line[0]]));
        Assert.Contains("Point 2 of the line lies beside the face", Said(good, [line[0], new(900, 40)]));
        Assert.Contains("far off", Said(good, [line[0], new(double.NaN, 40)]));
        Assert.Contains("90°", Said(good, line, 140));
    }

    // Whatever comes in, a line comes out or a sentence.
    [Fact]
    public void NonsenseEndsInASentence()
    {
        var random = SeededRandom.For(23, "nonsense");
        string[] known = [.. Landmarks.Reference.Keys.Select(l => l.Id)];
        var (drawn, said) = (0, 0);
        for (var round = 0; round < 400; round++)
        {
            double Any() => random.Unit() switch { < 0.02 => double.NaN, < 0.04 => double.PositiveInfinity, < 0.06 => 1e300, < 0.1 => 0, var u => 800 * u - 400 };
            PictureMatch[] matches = [.. Enumerable.Range(0, random.Unit() < 0.9 ? 3 : 2).Select(_ => new PictureMatch(known[(int)(known.Length * random.Unit())], Any(), Any()))];
            PicturePoint[] points = [.. Enumerable.Range(0, (int)(6 * random.Unit())).Select(_ => new PicturePoint(Any(), Any()))];
            try
            {
                var line = TracedLine.On(DemoWorld.Body, matches, points, random.Unit() < 0.5 ? null : 200 * random.Unit() - 100);
                drawn++;
                Assert.All(line.Points, p => Assert.True(Limits.Hold<OwnPoint>(nameof(p.XMm), p.XMm) && Limits.Hold<OwnPoint>(nameof(p.YMm), p.YMm)));
            }
            catch (InputException problem)
            {
                said++;
                Assert.DoesNotContain("{", problem.Message, StringComparison.Ordinal);
            }
        }

        Assert.True(drawn > 5 && said > 50, $"{drawn} drawn, {said} said");
    }

    // Places of the skin that face whoever looks from there with nothing in front of them.
    private static IEnumerable<ChartPoint> SeenPlaces(FittedBody body, double fromDeg, SeededRandom random)
    {
        var (sin, cos) = Math.SinCos(fromDeg * Math.PI / 180);
        var way = new Vec3(sin, 0, cos);
        for (var tries = 0; tries < 3000; tries++)
        {
            var at = new ChartPoint(180 * random.Unit() - 90, 160 * random.Unit() - 90);
            var (position, normal) = (body.Chart.Position(at), body.Skin.Normal(body.Chart.ToSkin(at)));
            var inFront = body.Mesh.Positions.Any(p => (p - position).Dot(way) > 3 && Math.Abs(cos * (p.X - position.X) - sin * (p.Z - position.Z)) < 4 && Math.Abs(p.Y - position.Y) < 4);
            if (normal.Dot(way) > 0.55 && !inFront)
            {
                yield return at;
            }
        }
    }

    private static double Distance(ChartPoint p, ChartPoint a, ChartPoint b)
    {
        var (ab, ap) = (b - a, p - a);
        var t = Math.Clamp((ap.XMm * ab.XMm + ap.YMm * ab.YMm) / Math.Max(1e-9, ab.Length() * ab.Length()), 0, 1);
        return (ap - t * ab).Length();
    }

    // Parallel rays from there; the print lies anyhow.
    private sealed class Camera
    {
        private readonly double fromDeg;
        private readonly double[] laid;

        public Camera(double fromDeg, SeededRandom random)
        {
            this.fromDeg = fromDeg;
            var (turn, size, aslant, mirrored) = (2 * Math.PI * random.Unit(), 0.4 + 6 * random.Unit(), 0.4 * random.Unit() - 0.2, random.Unit() < 0.5 ? -1 : 1);
            var (s, c) = Math.SinCos(turn);
            laid = [size * c * mirrored, size * (aslant * c - s), 300 * random.Unit(), size * s * mirrored, size * (aslant * s + c), 300 * random.Unit()];
        }

        public PicturePoint Of(FittedBody body, ChartPoint at)
        {
            var (p, (sin, cos)) = (body.Chart.Position(at), Math.SinCos(fromDeg * Math.PI / 180));
            var (across, up) = (cos * p.X - sin * p.Z, p.Y);
            return new(laid[0] * across + laid[1] * up + laid[2], laid[3] * across + laid[4] * up + laid[5]);
        }

        public PictureMatch[] Landmarks(FittedBody body, string[] which) => [.. which.Select(l => (l, Of(body, body.At(new Landmark(l))))).Select(m => new PictureMatch(m.l, m.Item2.X, m.Item2.Y))];
    }
}

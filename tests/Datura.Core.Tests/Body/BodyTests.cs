using CsCheck;
using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

public class BodyTests
{
    [Fact]
    public void TheReferenceMeasuresGiveTheMeanAdult()
    {
        var skin = FittedBody.For(Measures.Reference).Skin;
        foreach (var name in new[] { Landmark.Pronasale, Landmark.Cheilion.Left, Landmark.Acromion.Right, Landmark.Suprasternale })
        {
            var at = Landmarks.At(name);
            Assert.Equal(0, skin.Position(at).DistanceTo(FittedBody.Reference.Skin.Position(at)), 0.2);
        }
    }

    [Fact]
    public void LeftAndRightAreMirrorImages()
    {
        foreach (var at in from a in new[] { 5.0, 30, 60, 95 } from v in new[] { -250.0, -150, -60, -43, 26, 60 } select (a, v))
        {
            var left = ReferenceSkin.Skin.Position(new(at.a * Math.PI / 180, at.v));
            var right = ReferenceSkin.Skin.Position(new(-at.a * Math.PI / 180, at.v));
            Assert.Equal(0, left.DistanceTo(new(-right.X, right.Y, right.Z)), 1e-6);
        }
    }

    [Fact]
    public void TheLipsAreClosed()
    {
        // From lip to lip down the mid-line the skin dips at the mouth line by a crease, not by an opening.
        double Front(double v) => ReferenceSkin.Skin.Position(new(0, v)).Z;
        var line = Enumerable.Range(-50, 14).Min(v => Front(v));
        Assert.InRange(Front(-37) - line, 0.3, 6);
        Assert.InRange(Front(-51) - line, 0.3, 6);
    }

    [Theory]
    [InlineData(-104)]
    [InlineData(-112)]
    [InlineData(-118)]
    public void TheUnderJawDoesNotRipple(double v)
    {
        var radius = Enumerable.Range(0, 60).Select(deg => Radius(ReferenceSkin.Skin.Position(new(deg * Math.PI / 180, v)))).ToArray();
        var turns = Enumerable.Range(1, radius.Length - 2)
            .Count(k => (radius[k] - radius[k - 1]) * (radius[k + 1] - radius[k]) < 0 && Math.Abs(radius[k + 1] - radius[k - 1]) > 0.02);
        Assert.InRange(turns, 0, 2);
    }

    [Fact]
    public void OneFaceMeasureChangesNothingOnTheChest()
    {
        var wide = FittedBody.For(new Dictionary<string, double>(Measures.Reference) { ["mouthWidth"] = 58 });
        var at = Landmarks.At(Landmark.Midsternale);
        Assert.Equal(0, wide.Skin.Position(at).DistanceTo(FittedBody.Reference.Skin.Position(at)), 0.2);
    }

    [Fact]
    public void NoMeasuresGiveTheMeanAdult()
    {
        var body = FittedBody.For(new Dictionary<string, double>());
        Assert.Equal(Measures.All.Count, body.Estimated.Count);
        Assert.All(Measures.Reference, m => Assert.Equal(m.Value, body.MeasuresMm[m.Key], 0.01));
    }

    [Fact]
    public void CapsuleCoordinatesComeBack() =>
        Gen.Select(Gen.Double[-3, 3], Gen.Double[-300, 150], Gen.Double[40, 200]).Sample((azimuth, v, r) =>
        {
            var (at, radius) = CapsuleCoordinates.FromSpace(CapsuleCoordinates.ToSpace(new(azimuth, v), r));
            Assert.Equal(azimuth, at.AzimuthRad, 1e-9);
            Assert.Equal(v, at.HeightMm, 1e-6);
            Assert.Equal(r, radius, 1e-6);
        });

    [Fact]
    public void TheChartComesBackWithinATenthOfAMillimetre() =>
        Gen.Select(Gen.Double[-120, 120], Gen.Double[0.01, 0.85]).Sample((x, up) =>
        {
            var chart = DemoWorld.Body.Chart;
            var y = chart.YRange.Low + up * (chart.YRange.High - chart.YRange.Low);
            var back = chart.ToChart(chart.ToSkin(new(x, y)));
            Assert.InRange((back - new ChartPoint(x, y)).Length(), 0, 0.1);
        });

    [Fact]
    public void GoingALengthAndBackEndsWhereItBegan()
    {
        var body = DemoWorld.Body;
        var start = body.At(Landmark.Cheekbone.Left);
        foreach (var direction in new[] { 0.0, 0.7, 2.1, 4.4 })
        {
            var there = body.Go(start, direction, 25);
            Assert.Equal(25, body.LineMm([start, there]), 0.3);
            Assert.InRange((body.Go(there, direction + Math.PI, 25) - start).Length(), 0, 0.4);
        }
    }

    [Fact]
    public void ACurveThroughPointsNeverOvershoots() =>
        Gen.Double[0, 10].Array[6].Sample(values =>
        {
            var curve = new MonotoneCurve([0, 1, 2, 3, 4, 5], values);
            for (var t = 0.0; t <= 5; t += 0.05)
            {
                var k = Math.Min((int)t, 4);
                Assert.InRange(curve.At(t), Math.Min(values[k], values[k + 1]) - 1e-9, Math.Max(values[k], values[k + 1]) + 1e-9);
            }
        });

    private static double Radius(Vec3 p) => Math.Sqrt(p.X * p.X + (p.Z - CapsuleCoordinates.AxisZMm) * (p.Z - CapsuleCoordinates.AxisZMm));
}

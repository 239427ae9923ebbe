using Datura.Core.Drills;

namespace Datura.Core.Tests.Drills;

/// <summary>Hand and arm are pieces of a cone: they roll flat without stretch, and what is seen from above is their shadow.</summary>
public class GroundSurfaceTests
{
    private static double Length(ChartPoint a, ChartPoint b) => (a - b).Length();

    [Fact]
    public void TheMeasuresOfTheTapeComeBack()
    {
        var hand = GroundSurface.Of(DrillGround.Hand, new(KnucklesMm: 90, BackMm: 95));
        var seen = hand.Outline.Select(hand.Seen).ToArray();
        // Knuckle to knuckle as seen, by the ruler: the upper edge from end to end.
        Assert.Equal(90, Length(seen[0], seen[24]), 6);
        Assert.Equal(95, seen.Max(p => p.YMm) - seen.Min(p => p.YMm), 6);
        // An arm's girth is what lies round it: the share of it that is painted, of a whole turn.
        var arm = GroundSurface.Of(DrillGround.Forearm, new(WristMm: 160, ForearmMm: 270, ForearmLongMm: 180));
        var rim = arm.Outline.Skip(48).Take(25).ToArray();
        Assert.Equal(270 * 2.2 / (2 * Math.PI), rim.Zip(rim.Skip(1), Length).Sum(), 0.1);
    }

    // Seen from above nothing is longer than on the skin (by the Pythagorean theorem), and at the top of the curve it is as long.
    [Fact]
    public void FromAboveNothingIsLonger()
    {
        var random = new Random(3);
        for (var n = 0; n < 200; n++)
        {
            var measures = new HandMeasures(60 + 40 * random.NextDouble(), 60 + 50 * random.NextDouble(), 130 + 80 * random.NextDouble(), 200 + 150 * random.NextDouble(), 120 + 100 * random.NextDouble());
            var ground = GroundSurface.Of(n % 2 == 0 ? DrillGround.Hand : DrillGround.Forearm, measures);
            ChartPoint Any() => ground.Middle + new ChartPoint(30 * (random.NextDouble() - 0.5), 40 * (random.NextDouble() - 0.5));
            var (a, b) = (Any(), Any());
            Assert.True(Length(ground.Seen(a), ground.Seen(b)) <= Length(a, b) + 1e-6);
            var axis = new ChartPoint(ground.WidthMm / 2, ground.Middle.YMm);
            Assert.Equal(1, Length(ground.Seen(axis - new ChartPoint(0.5, 0)), ground.Seen(axis + new ChartPoint(0.5, 0))), 3);
            // Left and right are each other's mirror.
            var (left, right) = (ground.Seen(axis - new ChartPoint(20, 7)), ground.Seen(axis + new ChartPoint(20, -7)));
            Assert.Equal(ground.WidthMm - left.XMm, right.XMm, 6);
            Assert.Equal(left.YMm, right.YMm, 6);
        }
    }

    [Fact]
    public void AnArmAsThickAsItsWristIsARoundPole()
    {
        var arm = GroundSurface.Of(DrillGround.Forearm, new(WristMm: 200, ForearmMm: 200));
        var (radius, off) = (200 / (2 * Math.PI), 15.0);
        var seen = arm.Seen(new(arm.WidthMm / 2 + off, 50));
        Assert.Equal(radius * Math.Sin(off / radius), seen.XMm - arm.WidthMm / 2, 6);
        Assert.Equal(50, seen.YMm, 6);
    }

    [Fact]
    public void NonsenseIsRefusedWithASentence() => Assert.Contains("tape", Assert.Throws<InputException>(() => GroundSurface.Of(DrillGround.Hand, new(KnucklesMm: double.NaN))).Message);

    [Fact]
    public void AnyPartOfAnyLookLiesOnAnyGround()
    {
        foreach (var look in new[] { "quay-seal", "barnacle-saint", "storm-cormorant", "kelp-bride", "low-tide-bones", "wreck-diver" })
        {
            var planned = DemoWorld.Plan(look);
            foreach (var figure in planned.Parts.Select(p => DrillFigure.Of(p, planned.Body)).OfType<DrillFigure>())
            {
                foreach (var ground in Enum.GetValues<DrillGround>().Select(g => GroundSurface.Of(g, new())))
                {
                    var lay = DrillLay.Of(figure, ground);
                    Assert.True(lay.Share is >= DrillLay.LeastShare and <= 1 && (lay.Fits || lay.Share == DrillLay.LeastShare), $"{look} {figure.Name} {lay.Share}");
                    // Its proportions are kept, lines with them.
                    var face = HandToFace.Of(lay);
                    Assert.Equal(face.WidthMm / face.HandWidthMm, face.FinestMm / face.HandFinestMm, 9);
                    Assert.Equal(face.WidthMm / face.HeightMm, face.HandWidthMm / face.HandHeightMm, 9);
                    // What is painted as it lies has no fault, however it lies.
                    var score = lay.Score(new(lay.Strokes, 100, null))!;
                    Assert.InRange(score.PlaceMm + score.ShapeMm, 0, 1e-6);
                }
            }
        }
    }
}

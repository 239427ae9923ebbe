using Datura.Core.Drills;

namespace Datura.Core.Tests.Drills;

/// <summary>Practice cards with planted errors: what was planted is what is told.</summary>
public class DrillScoreTests
{
    public static TheoryData<DrillKind> Kinds => [.. Enum.GetValues<DrillKind>()];

    private static DrillStroke?[] Made(IReadOnlyList<DrillStroke> card, Func<ChartPoint, ChartPoint>? at = null, Func<int, int, double>? wider = null) =>
        [.. card.Select((s, n) => new DrillStroke([.. s.Path.Select(at ?? (p => p))], [.. s.WidthsMm.Select((w, k) => w * (wider?.Invoke(n, k) ?? 1))]))];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void ACardAsItShouldBeHasNoFault(DrillKind kind)
    {
        var card = PracticeCard.Of(kind);
        Assert.All(card, s => Assert.True(s.Path.All(p => p.XMm is > 5 and < PracticeCard.WidthMm - 5 && p.YMm is > 5 and < PracticeCard.HeightMm - 5) && s.WidthsMm.All(w => w >= 0)));
        var score = DrillScore.Of(card, Made(card))!;
        Assert.Equal((0, 0, 0, 1), (Math.Round(score.PlaceMm, 9), Math.Round(score.ShapeMm, 9), score.Missing, score.Quality));
        Assert.Equal(0, score.WidthPercent, 6);
        Assert.Equal(0, score.UnevenPercent, 6);
        Assert.True(score.SymmetryMm is null or < 1e-9);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void AShiftIsAFaultOfPlaceAlone(DrillKind kind)
    {
        var card = PracticeCard.Of(kind);
        var score = DrillScore.Of(card, Made(card, p => new(p.XMm + 3, p.YMm - 4)))!;
        Assert.Equal(5, score.PlaceMm, 6);
        Assert.Equal(0, score.ShapeMm, 6);
        Assert.Equal(1, score.Quality);
    }

    [Theory]
    [MemberData(nameof(Kinds))]
    public void AWiderBrushIsNotAnUnevenOne(DrillKind kind)
    {
        var card = PracticeCard.Of(kind);
        var wide = DrillScore.Of(card, Made(card, wider: (_, _) => 1.3))!;
        Assert.Equal(30, wide.WidthPercent, 6);
        Assert.Equal(0, wide.UnevenPercent, 6);
        var shaky = DrillScore.Of(card, Made(card, wider: (_, k) => k / 4 % 2 == 0 ? 1.2 : 0.8))!;
        Assert.InRange(shaky.UnevenPercent, 12, 22);
        Assert.True(shaky.Quality < wide.Quality);
    }

    [Fact]
    public void AStrokeMadeFromItsOtherEndIsTheSame()
    {
        var card = PracticeCard.Of(DrillKind.ThickToThin);
        var back = card.Select(s => new DrillStroke([.. s.Path.Reverse()], [.. s.WidthsMm.Reverse()])).ToArray();
        Assert.Equal(0, DrillScore.Of(card, back)!.PlaceMm, 9);
    }

    // However many points a stroke is made of: three times as many tell the same.
    [Fact]
    public void PointsBetweenChangeNothing()
    {
        var card = PracticeCard.Of(DrillKind.SplitLoad);
        var shaky = Made(card, p => new(p.XMm, p.YMm + 0.8 * Math.Sin(p.XMm / 3)), (_, k) => 1 + 0.1 * Math.Sin(k));
        var finer = shaky.Select(s => new DrillStroke(
            [.. s!.Path.SelectMany((p, k) => k == 0 ? [p] : Enumerable.Range(1, 3).Select(m => Between(s.Path[k - 1], p, m / 3.0)))],
            [.. s.WidthsMm.SelectMany((w, k) => k == 0 ? [w] : Enumerable.Range(1, 3).Select(m => s.WidthsMm[k - 1] + m / 3.0 * (w - s.WidthsMm[k - 1])))])).ToArray();
        var (one, three) = (DrillScore.Of(card, shaky)!, DrillScore.Of(card, finer)!);
        Assert.Equal(one.ShapeMm, three.ShapeMm, 6);
        Assert.Equal(one.UnevenPercent, three.UnevenPercent, 6);
    }

    private static ChartPoint Between(ChartPoint a, ChartPoint b, double share) => new(a.XMm + share * (b.XMm - a.XMm), a.YMm + share * (b.YMm - a.YMm));

    [Fact]
    public void OneSideLowerIsToldAsAsymmetryOfItsShapeOnly()
    {
        var card = PracticeCard.Of(DrillKind.SymmetricPair);
        var bent = Made(card);
        bent[1] = new([.. card[1].Path.Select((p, k) => new ChartPoint(p.XMm, p.YMm + 6 * Math.Sin(Math.PI * k / 24.0)))], card[1].WidthsMm);
        Assert.InRange(DrillScore.Of(card, bent)!.SymmetryMm!.Value, 1, 4);
        // Both bent alike are a fault of shape, and no asymmetry.
        bent[0] = new([.. card[0].Path.Select((p, k) => new ChartPoint(p.XMm, p.YMm + 6 * Math.Sin(Math.PI * k / 24.0)))], card[0].WidthsMm);
        Assert.Equal(0, DrillScore.Of(card, bent)!.SymmetryMm!.Value, 6);
        Assert.True(DrillScore.Of(card, bent)!.ShapeMm > 1);
    }

    // The shakier the hand, the worse in every measure; what is left out counts.
    [Fact]
    public void MoreShakingNeverLooksBetter()
    {
        foreach (var kind in Enum.GetValues<DrillKind>())
        {
            var card = PracticeCard.Of(kind);
            var last = (Shape: -1.0, Quality: 2.0);
            foreach (var shake in new[] { 0, 0.5, 1.5, 4 })
            {
                var random = new SeededRandom(9);
                var made = Made(card, p => new(p.XMm + shake * RandomPerson.Normal(random), p.YMm + shake * RandomPerson.Normal(random)));
                var score = DrillScore.Of(card, made)!;
                Assert.True(score.ShapeMm > last.Shape && score.Quality <= last.Quality);
                last = (score.ShapeMm, score.Quality);
            }

            var gone = Made(card);
            gone[0] = null;
            Assert.True(DrillScore.Of(card, gone) is not { } less || less.Quality < 1 && less.Missing == 1);
        }
    }

    [Fact]
    public void NonsenseIsRefusedOrScored()
    {
        var card = PracticeCard.Of(DrillKind.EqualDrops);
        for (var seed = 0; seed < 200; seed++)
        {
            var random = new SeededRandom((ulong)seed);
            double Any(double usual) => random.Unit() switch { < 0.01 => double.NaN, < 0.02 => 1e300, < 0.04 => 0, _ => usual * random.Unit() };
            var made = card.Select(_ => random.Unit() < 0.3 ? null : new DrillStroke(
                [.. Enumerable.Range(0, 2 + (int)(5 * random.Unit())).Select(_ => new ChartPoint(Any(148), Any(105)))], [.. Enumerable.Range(0, 2 + (int)(5 * random.Unit())).Select(_ => Any(9))])).ToArray();
            try
            {
                Assert.True(DrillScore.Of(card, made) is not { } score || double.IsFinite(score.PlaceMm + score.UnevenPercent) && score.Quality is >= 0 and <= 1);
            }
            catch (InputException refusal)
            {
                Assert.EndsWith(".", refusal.Message, StringComparison.Ordinal);
            }
        }
    }
}

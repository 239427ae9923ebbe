namespace Datura.Numerics.Tests;

/// <summary>Crossings of closed lines against figures whose crossings are known, and against every pair compared.</summary>
public class CrossingsTests
{
    private static double[] Star(int points, int step) => [.. Enumerable.Range(0, points)
        .SelectMany(k => new[] { Math.Cos(2 * Math.PI * k * step / points), Math.Sin(2 * Math.PI * k * step / points) })];

    // A star polygon {n/k} has n·(k − 1) crossings (from memory; counted by hand on the pentagram).
    [Theory]
    [InlineData(5, 2, 5)]
    [InlineData(7, 2, 7)]
    [InlineData(7, 3, 14)]
    [InlineData(11, 4, 33)]
    [InlineData(9, 1, 0)]
    public void AStarCrossesItselfAsOftenAsKnown(int points, int step, int crossings) => Assert.Equal(crossings, Crossings.Count(Star(points, step)));

    [Fact]
    public void CountingStopsWhereItIsTold() => Assert.Equal(10, Crossings.Count(Star(101, 50), 10));

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void TheSweepFindsWhatEveryPairComparedFinds(int seed)
    {
        var random = new Random(seed);
        var points = Enumerable.Range(0, 160).Select(_ => random.NextDouble()).ToArray();
        var n = points.Length / 2;
        (double X, double Y) At(int k) => (points[2 * (k % n)], points[2 * (k % n) + 1]);
        // Where two lines meet, as shares of both, by Cramer's rule.
        bool Meet(int a, int b)
        {
            var ((x1, y1), (x2, y2), (x3, y3), (x4, y4)) = (At(a), At(a + 1), At(b), At(b + 1));
            var d = (x2 - x1) * (y4 - y3) - (y2 - y1) * (x4 - x3);
            var (s, t) = (((x3 - x1) * (y4 - y3) - (y3 - y1) * (x4 - x3)) / d, ((x3 - x1) * (y2 - y1) - (y3 - y1) * (x2 - x1)) / d);
            return s is > 0 and < 1 && t is > 0 and < 1;
        }

        var all = Enumerable.Range(0, n).Sum(a => Enumerable.Range(a + 1, n - a - 1).Count(b => b - a != 1 && b - a != n - 1 && Meet(a, b)));
        Assert.Equal(all, Crossings.Count(points));
        // The same turned, moved, mirrored or read backwards.
        Assert.Equal(all, Crossings.Count([.. Enumerable.Range(0, n).Reverse().SelectMany(k => new[] { At(k).X, At(k).Y })]));
        Assert.Equal(all, Crossings.Count([.. Enumerable.Range(0, n).SelectMany(k => new[] { -At(k).Y + 3, At(k).X })]));
    }
}

using CsCheck;
using NetTopologySuite.Geometries;

namespace Datura.Numerics.Tests;

/// <summary>Laws of curves, scan lines and random numbers.</summary>
public class CurveTests
{
    private static readonly Gen<double[]> Steps = Gen.Double[0.1, 5].Array[2, 12];

    // Fritsch and Carlson, SIAM Journal on Numerical Analysis 17 (1980): a monotone interpolant never leaves the range of its neighbours.
    [Fact]
    public void AMonotoneCurveMeetsItsPointsAndNeverOvershoots() => Gen.Select(Steps, Gen.Double[-9, 9].Array[13]).Sample((steps, values) =>
    {
        var x = steps.Aggregate(new List<double> { 0 }, (all, s) => [.. all, all[^1] + s]).ToArray();
        var y = values[..x.Length];
        var curve = new MonotoneCurve(x, y);
        for (var k = 0; k < x.Length; k++)
        {
            Assert.Equal(y[k], curve.At(x[k]), 1e-9);
            for (var s = 1; s < 8 && k + 1 < x.Length; s++)
            {
                Assert.InRange(curve.At(x[k] + s / 8.0 * (x[k + 1] - x[k])), Math.Min(y[k], y[k + 1]) - 1e-9, Math.Max(y[k], y[k + 1]) + 1e-9);
            }
        }
    }, iter: 300);

    [Theory]
    [InlineData(new double[] { 1 }, new double[] { 1 })]
    [InlineData(new double[] { 1, 2 }, new double[] { 1 })]
    public void ACurveNeedsTwoPointsWithAValueEach(double[] x, double[] y) => Assert.Throws<ArgumentException>(() => new MonotoneCurve(x, y));

    [Fact]
    public void ASmoothStepGoesFromNothingToAllAndIsItsOwnMirror()
    {
        Assert.Equal(0, SmoothStep.Rise(2, 5, 1));
        Assert.Equal(1, SmoothStep.Rise(2, 5, 9));
        Gen.Double[0, 1].Sample(t => Assert.Equal(1, SmoothStep.Rise(0, 1, t) + SmoothStep.Rise(0, 1, 1 - t), 1e-9));
    }

    // A thin plate through points of a plane is that plane (Duchon 1977: planes cost nothing); this one is its own mirror image.
    [Fact]
    public void AThinPlateThroughARisingPlaneIsThePlaneOnBothSides()
    {
        var random = new Random(3);
        double Plane(double y) => 4 - 1.2 * y;
        var points = Enumerable.Range(0, 25).Select(_ => (X: 40 * random.NextDouble(), Y: 40 * random.NextDouble())).Select(p => (p.X, p.Y, Plane(p.Y), 0.0)).ToArray();
        var plate = new ThinPlate(points);
        for (var k = 0; k < 50; k++)
        {
            double x = 40 * random.NextDouble(), y = 40 * random.NextDouble();
            Assert.Equal(Plane(y), plate.At(x, y), 1e-4);
            Assert.Equal(plate.At(x, y), plate.At(-x, y), 1e-12);
        }
    }

    [Fact]
    public void AThinPlateMeetsItsPoints()
    {
        var random = new Random(5);
        var points = Enumerable.Range(0, 20).Select(_ => (40 * random.NextDouble(), 40 * random.NextDouble(), random.NextDouble(), 0.0)).ToArray();
        var plate = new ThinPlate(points);
        Assert.All(points, p => Assert.Equal(p.Item3, plate.At(p.Item1, p.Item2), 1e-6));
    }

    // The lengths of a figure's scan lines, times their distance, are its area (Cavalieri).
    [Fact]
    public void ScanLinesAddUpToTheArea()
    {
        var random = new Random(8);
        for (var k = 0; k < 40; k++)
        {
            var ring = Enumerable.Range(0, 14).Select(i => new Coordinate((12 + 8 * random.NextDouble()) * Math.Cos(i * Math.PI / 7),
                (12 + 8 * random.NextDouble()) * Math.Sin(i * Math.PI / 7))).ToArray();
            Geometry figure = GeometryFactory.Default.CreatePolygon([.. ring, ring[0].Copy()]);
            figure = figure.Difference(new Point(0, 0).Buffer(4));
            var lines = ScanLines.Of(figure, 0.05);
            Assert.Equal(figure.Area, lines.Sum(l => l.To - l.From) * 0.05, 0.02 * figure.Area);
            Assert.All(lines, l => Assert.True(l.From <= l.To));
        }
    }

    [Fact]
    public void TheSameSeedGivesTheSameNumbersAndAnotherOthers()
    {
        double[] Draw(int seed, string name) => [.. Enumerable.Range(0, 50).Select(new Func<SeededRandom, Func<int, double>>(r => _ => r.Unit())(SeededRandom.For(seed, name)))];
        Assert.Equal(Draw(1, "socket"), Draw(1, "socket"));
        Assert.NotEqual(Draw(1, "socket"), Draw(2, "socket"));
        Assert.NotEqual(Draw(1, "socket"), Draw(1, "crack"));
    }

    // Means and deciles of many draws lie where chance puts them: within five standard errors.
    [Fact]
    public void RandomNumbersAreEven()
    {
        const int many = 20_000;
        var random = SeededRandom.For(7, "even");
        var drawn = Enumerable.Range(0, many).Select(_ => random.Unit()).ToArray();
        Assert.Equal(0.5, drawn.Average(), 5 / Math.Sqrt(12.0 * many));
        for (var tenth = 0; tenth < 10; tenth++)
        {
            Assert.Equal(many / 10.0, drawn.Count(d => d >= tenth / 10.0 && d < (tenth + 1) / 10.0), 5 * Math.Sqrt(many * 0.09));
        }

        Assert.All(drawn, d => Assert.InRange(d, 0, 1));
    }

    [Fact]
    public void ACurveThroughPointsMeetsThemAndAStraightOneStaysStraight()
    {
        ChartPoint[] points = [new(0, 0), new(10, 4), new(22, -3), new(30, 8)];
        var through = Curves.Through(points, closed: false);
        Assert.All(points, p => Assert.Contains(through, q => (p - q).Length() < 1e-9));
        Assert.All(Curves.Through([new(0, 0), new(5, 5), new(10, 10), new(15, 15)], closed: false), p => Assert.Equal(p.XMm, p.YMm, 1e-9));
    }

    [Fact]
    public void ALatticeCellHoldsItsMiddle()
    {
        for (var row = 3; row < Lattice.Rows; row += 37)
        {
            for (var column = 2; column < Lattice.Columns; column += 41)
            {
                var middle = Lattice.Middle(row, column);
                Assert.Equal((row, column), (Lattice.Row(middle.YMm), Lattice.Column(middle.XMm)));
            }
        }
    }

    [Fact]
    public void AChartWindowGoesThereAndBack() => Gen.Select(Gen.Double[-250, 250], Gen.Double[-400, 120], Gen.Int[64, 2048]).Sample((x, y, pixels) =>
    {
        var window = new ChartWindow(pixels);
        Assert.Equal(x, window.XOfColumn(window.ColumnOf(x)), 1e-9);
        Assert.Equal(y, window.YOfRow(window.RowOf(y)), 1e-9);
    });
}

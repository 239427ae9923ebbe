using NetTopologySuite.Geometries;

namespace Datura.Core.Body;

/// <summary>
/// The flat drawing of the skin. Horizontal: tape distance from the mid-line at that height; vertical: tape distance down
/// the mid-line; both on the faired skin. It orders and draws marks; printed lengths and areas come from the skin itself.
/// </summary>
public sealed class SkinChart
{
    private readonly SkinGrid skin;
    private readonly double[] across; // per node: signed length from the mid-line along the row
    private readonly Lazy<ScaleTable> scales;
    private readonly double[] down;   // per row: length along the mid-line from the origin, growing upwards

    public SkinChart(SkinGrid skin, SkinGrid faired, double originHeightMm)
    {
        this.skin = skin;
        scales = new(() => new(this));
        int columns = skin.Columns, rows = skin.Rows, middle = columns / 2;
        across = new double[rows * (columns + 1)];
        down = new double[rows];
        for (var row = 0; row < rows; row++)
        {
            var start = row * (columns + 1);
            for (var i = middle + 1; i <= columns; i++)
            {
                across[start + i] = across[start + i - 1] + faired.Node(row, i).DistanceTo(faired.Node(row, i - 1));
            }

            for (var i = middle - 1; i >= 0; i--)
            {
                across[start + i] = across[start + i + 1] - faired.Node(row, i).DistanceTo(faired.Node(row, i + 1));
            }

            if (row > 0)
            {
                down[row] = down[row - 1] + faired.Node(row, middle).DistanceTo(faired.Node(row - 1, middle));
            }
        }

        var (j, t) = RowOf(originHeightMm);
        var origin = down[j] + t * (down[j + 1] - down[j]);
        for (var row = 0; row < rows; row++)
        {
            down[row] -= origin;
        }
    }

    /// <summary>Lowest and highest y of the drawing, mm.</summary>
    public (double Low, double High) YRange => (down[0], down[^1]);

    public ChartPoint ToChart(SkinPoint at)
    {
        var (j, t) = RowOf(at.HeightMm);
        var (i, s) = ColumnOf(at.AzimuthRad);
        var x = Mix(Mix(X(j, i), X(j, i + 1), s), Mix(X(j + 1, i), X(j + 1, i + 1), s), t);
        return new(x, Mix(down[j], down[j + 1], t));
    }

    /// <summary>The inverse of <see cref="ToChart"/>; places beyond the drawing give its nearest edge.</summary>
    public SkinPoint ToSkin(ChartPoint at)
    {
        var (j, low, t) = CellOf(at);
        double left = Mix(X(j, low), X(j + 1, low), t), right = Mix(X(j, low + 1), X(j + 1, low + 1), t);
        var s = right > left ? Math.Clamp((at.XMm - left) / (right - left), 0, 1) : 0;
        return new(-Math.PI + 2 * Math.PI * (low + s) / skin.Columns, skin.Height(j) + t * skin.StepMm);
    }

    public Vec3 Position(ChartPoint at) => skin.Position(ToSkin(at));

    /// <summary>Length on the skin per mm of chart along a direction (1 where the drawing is true).</summary>
    public double Stretch(ChartPoint at, double directionRad)
    {
        var step = new ChartPoint(Math.Cos(directionRad), Math.Sin(directionRad));
        return Position(at + step).DistanceTo(Position(at - step)) / 2;
    }

    /// <summary>What small steps of the chart about a place are on the skin.</summary>
    public ChartMeasure Measure(ChartPoint at)
    {
        // Where the chart is pulled out farther than this a dot is drawn less than round, or it would cover a hand's breadth of chart.
        const double least = 0.16, most = 6.25;
        var u = 0.5 * (Position(at + new ChartPoint(1, 0)) - Position(at - new ChartPoint(1, 0)));
        var v = 0.5 * (Position(at + new ChartPoint(0, 1)) - Position(at - new ChartPoint(0, 1)));
        var (xx, yy) = (Math.Clamp(u.Dot(u), least, most), Math.Clamp(v.Dot(v), least, most));
        // Steps across and up may not fall together.
        var together = 0.9 * Math.Sqrt(xx * yy);
        return new(xx, Math.Clamp(u.Dot(v), -together, together), yy);
    }

    /// <summary>Skin area per mm² of chart: the skin's own density over that of the drawing.</summary>
    public double AreaScale(ChartPoint at)
    {
        var (row, column, t) = CellOf(at);
        var widthMm = Mix(X(row, column + 1), X(row + 1, column + 1), t) - Mix(X(row, column), X(row + 1, column), t);
        var drawn = widthMm * skin.Columns / (2 * Math.PI) * (down[row + 1] - down[row]) / skin.StepMm;
        return drawn > 0 ? skin.AreaDensity(ToSkin(at)) / drawn : 0;
    }

    // Scan lines over a figure of usual form: half of them differ by less than 0.1 % on a whole look (measured).
    private const int LinesAcross = 14;

    /// <summary>Area on the skin of a figure drawn on the chart, mm².</summary>
    public double AreaMm2(Geometry figure)
    {
        if (figure.IsEmpty)
        {
            return 0;
        }

        var box = figure.EnvelopeInternal;
        var step = Math.Clamp(Math.Sqrt(box.Area) / LinesAcross, 0.4, 6);
        var lines = (int)Math.Ceiling(box.Height / step);
        var lineStep = box.Height / lines;
        var (sum, drawn) = (0.0, 0.0);
        foreach (var (y, from, to) in ScanLines.Of(figure, box.MinY + lineStep / 2, lineStep, lines))
        {
            var parts = Math.Max(1, (int)Math.Ceiling((to - from) / step));
            var width = (to - from) / parts;
            for (var k = 0; k < parts; k++)
            {
                sum += scales.Value.At(from + (k + 0.5) * width, y) * width;
            }

            drawn += to - from;
        }

        // The figure's own area on the drawing is exact; the lines only say by how much the skin is larger there.
        return figure.Area * (drawn > 0 ? sum / drawn : scales.Value.At(box.Centre.X, box.Centre.Y));
    }

    // Area scales at the corners of 2 mm cells, bilinear between: a look asks for some 200,000 of them (measured).
    private sealed class ScaleTable
    {
        private const double CellMm = 2;
        private const double HalfMm = 300;
        private const int Columns = (int)(2 * HalfMm / CellMm) + 1;

        private readonly double low;
        private readonly int rows;
        private readonly float[] table;

        public ScaleTable(SkinChart chart)
        {
            low = chart.YRange.Low;
            rows = (int)Math.Ceiling((chart.YRange.High - low) / CellMm) + 2;
            table = new float[rows * Columns];
            Parallel.For(0, rows, j =>
            {
                for (var i = 0; i < Columns; i++)
                {
                    table[j * Columns + i] = (float)chart.AreaScale(new(i * CellMm - HalfMm, low + j * CellMm));
                }
            });
        }

        public double At(double xMm, double yMm)
        {
            var (u, v) = (Math.Clamp((xMm + HalfMm) / CellMm, 0, Columns - 1.001), Math.Clamp((yMm - low) / CellMm, 0, rows - 1.001));
            var (i, j) = ((int)u, (int)v);
            var (s, t) = (u - i, v - j);
            var n = j * Columns + i;
            return (1 - t) * ((1 - s) * table[n] + s * table[n + 1]) + t * ((1 - s) * table[n + Columns] + s * table[n + Columns + 1]);
        }
    }

    // The cell of the grid under a place, and how far up it the place lies.
    private (int Row, int Column, double Up) CellOf(ChartPoint at)
    {
        var j = Math.Clamp(Floor(down, at.YMm), 0, skin.Rows - 2);
        var t = Math.Clamp((at.YMm - down[j]) / (down[j + 1] - down[j]), 0, 1);
        // Columns are nearly even: aiming at where the place should be and halving by turns takes half the looks (measured).
        int low = 0, high = skin.Columns;
        double left = Mix(X(j, low), X(j + 1, low), t), right = Mix(X(j, high), X(j + 1, high), t);
        for (var aimed = true; high - low > 1; aimed = !aimed)
        {
            var mid = aimed && right > left ? Math.Clamp(low + (int)((at.XMm - left) / (right - left) * (high - low)), low + 1, high - 1) : (low + high) / 2;
            var x = Mix(X(j, mid), X(j + 1, mid), t);
            (low, high, left, right) = x <= at.XMm ? (mid, high, x, right) : (low, mid, left, x);
        }

        return (j, low, t);
    }

    private double X(int row, int column) => across[row * (skin.Columns + 1) + column];

    private (int, double) RowOf(double heightMm)
    {
        var up = Math.Clamp((heightMm - skin.LowestMm) / skin.StepMm, 0, skin.Rows - 1);
        var j = Math.Min((int)up, skin.Rows - 2);
        return (j, up - j);
    }

    private (int, double) ColumnOf(double azimuthRad)
    {
        var along = Math.Clamp((azimuthRad + Math.PI) / (2 * Math.PI), 0, 1) * skin.Columns;
        var i = Math.Min((int)along, skin.Columns - 1);
        return (i, along - i);
    }

    private static int Floor(double[] rising, double value)
    {
        var i = Array.BinarySearch(rising, value);
        return i < 0 ? ~i - 1 : i;
    }

    private static double Mix(double a, double b, double t) => a + t * (b - a);
}

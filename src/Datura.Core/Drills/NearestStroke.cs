namespace Datura.Core.Drills;

/// <summary>Which stroke a place belongs to: the one whose edge is nearest. Looked up in cells of a millimetre.</summary>
internal sealed class NearestStroke
{
    private const double CellMm = 1;
    private const double SideMm = 1;

    private readonly StrokeLine[] lines;
    private readonly int columns;
    private readonly int rows;
    private readonly int[] nearest;
    private readonly float[] awaySeen;
    private readonly int seenColumns;

    public NearestStroke(StrokeLine[] lines, InkPicture picture, GroundSurface ground)
    {
        this.lines = lines;
        (columns, rows) = ((int)Math.Ceiling(ground.WidthMm / CellMm) + 1, (int)Math.Ceiling(ground.HeightMm / CellMm) + 1);
        nearest = new int[columns * rows];
        seenColumns = (int)Math.Ceiling(picture.Columns * picture.StepMm / CellMm) + 1;
        var seenRows = (int)Math.Ceiling(picture.Rows * picture.StepMm / CellMm) + 1;
        awaySeen = new float[seenColumns * seenRows];
        Parallel.For(0, rows, j =>
        {
            for (var i = 0; i < columns; i++)
            {
                nearest[j * columns + i] = Enumerable.Range(0, lines.Length).MinBy(n => Away(n, new((i + 0.5) * CellMm, (j + 0.5) * CellMm)));
            }
        });
        var seen = lines.Select(l => l.Points.Where(p => !p.Beyond).Select(p => (At: ground.Seen(p.At), p.WidthMm)).ToArray()).ToArray();
        Parallel.For(0, seenRows, j =>
        {
            for (var i = 0; i < seenColumns; i++)
            {
                ChartPoint at = new((i + 0.5) * CellMm, (j + 0.5) * CellMm);
                awaySeen[j * seenColumns + i] = (float)seen.Min(line => line.Min(p => (p.At - at).Length() - p.WidthMm / 2));
            }
        });
    }

    /// <summary>Of a place in the picture from the nearest stroke as it is seen, mm.</summary>
    public double AwaySeen(ChartPoint seen) => awaySeen[Math.Clamp((int)(seen.YMm / CellMm), 0, awaySeen.Length / seenColumns - 1) * seenColumns + Math.Clamp((int)(seen.XMm / CellMm), 0, seenColumns - 1)];

    public bool IsNearest(int stroke, ChartPoint at)
    {
        var (i, j) = ((int)Math.Floor(at.XMm / CellMm), (int)Math.Floor(at.YMm / CellMm));
        return i >= 0 && j >= 0 && i < columns && j < rows && nearest[j * columns + i] == stroke;
    }

    /// <summary>Whether another stroke lies across this place of one.</summary>
    public bool Crosses(int stroke, StrokePoint point) => Enumerable.Range(0, lines.Length).Any(n => n != stroke && Away(n, point.At) < point.WidthMm / 2 + SideMm);

    private double Away(int line, ChartPoint at)
    {
        var least = double.MaxValue;
        foreach (var p in lines[line].Points)
        {
            least = p.Beyond ? least : Math.Min(least, (p.At - at).Length() - p.WidthMm / 2);
        }

        return least;
    }
}

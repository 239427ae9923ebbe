namespace Datura.Core.Paint.Unevenness;

/// <summary>The grain of one coat at every pixel of a window.</summary>
internal sealed class GrainField
{
    private readonly GrainTile tile;
    private readonly StrokeWays? ways;
    private readonly ChartWindow window;
    private readonly double cellsPerPixel;
    private readonly double left;
    private readonly (double Sin, double Cos)[] turned;

    // Where the grain runs the same way everywhere: the cell of every column and row of pixels, and whether it runs down.
    private readonly int[] cellOf;
    private readonly bool down;

    public GrainField(LaidCoat coat, ChartWindow window)
    {
        this.window = window;
        (tile, ways) = coat.Grain.Form switch
        {
            GrainForm.Bristle => (GrainTile.Bristle, StrokeWays.Of(coat.Marks)),
            GrainForm.Streak => (GrainTile.Streak, null),
            GrainForm.Glitter => (GrainTile.Flakes, null),
            _ => (GrainTile.Stipple, (StrokeWays?)null),
        };
        cellsPerPixel = window.MmPerPixel * GrainTile.CellsPerMm;
        left = ChartWindow.SideMm;
        // A bristle mark runs along its way. Rows run down, so ways turn against the chart's sense.
        turned = coat.Grain.Form switch
        {
            GrainForm.Bristle => [.. Enumerable.Range(0, StrokeWays.Count).Select(k => Math.SinCos(-k * Math.PI / StrokeWays.Count))],
            _ => [],
        };
        down = coat.Grain.Form == GrainForm.Streak;
        cellOf = ways is null ? [.. Enumerable.Range(0, window.Pixels).Select(k => (int)(k * cellsPerPixel + left))] : [];
    }

    /// <summary>Step of the grain at a pixel.</summary>
    public int At(int x, int y)
    {
        if (ways is null)
        {
            return down ? tile.At(cellOf[y], -cellOf[x]) : tile.At(cellOf[x], cellOf[y]);
        }

        var (sin, cos) = turned[ways.At(window.XOfColumn(x), window.YOfRow(y))];
        double u = x * cellsPerPixel + left, v = y * cellsPerPixel;
        return tile.At((int)(u * cos + v * sin), (int)(v * cos - u * sin + left));
    }
}

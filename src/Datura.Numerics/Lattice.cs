namespace Datura.Numerics;

/// <summary>The square cells of the chart on which zones and footprints are kept.</summary>
public static class Lattice
{
    public const double CellMm = 1.5;
    public const double HalfWidthMm = 420;
    public const double LowMm = -480;
    public const double HighMm = 240;

    public static int Columns { get; } = (int)(2 * HalfWidthMm / CellMm);

    public static int Rows { get; } = (int)((HighMm - LowMm) / CellMm);

    public static int Column(double xMm) => Math.Clamp((int)((xMm + HalfWidthMm) / CellMm), 0, Columns - 1);

    public static int Row(double yMm) => Math.Clamp((int)((yMm - LowMm) / CellMm), 0, Rows - 1);

    public static ChartPoint Middle(int row, int column) => new((column + 0.5) * CellMm - HalfWidthMm, (row + 0.5) * CellMm + LowMm);
}

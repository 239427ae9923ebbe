namespace Datura.Numerics;

/// <summary>The part of the chart that a square paint picture shows.</summary>
/// <param name="Pixels">Pixels per side.</param>
public sealed record ChartWindow(int Pixels)
{
    /// <summary>Side of the square, mm of chart.</summary>
    public const double SideMm = 544;

    /// <summary>Height of its upper edge above the nose root; the hair begins well below it.</summary>
    public const double TopMm = 124;

    public double MmPerPixel => SideMm / Pixels;

    public double ColumnOf(double xMm) => (xMm + SideMm / 2) / MmPerPixel;

    public double RowOf(double yMm) => (TopMm - yMm) / MmPerPixel;

    public double XOfColumn(double column) => column * MmPerPixel - SideMm / 2;

    public double YOfRow(double row) => TopMm - row * MmPerPixel;
}

namespace Datura.Core.Review;

/// <summary>A figure moved and sized about its middle, chart millimetres.</summary>
internal readonly record struct FigurePlace(double OutMm, double UpMm, double Larger)
{
    /// <summary>Which place of the figure as planned lies at a place of the chart.</summary>
    public ChartPoint PlannedAt(ChartPoint place, ChartPoint middle) => middle + 1 / (1 + Larger) * (place - middle - new ChartPoint(OutMm, UpMm));

    /// <summary>How far its outline is off along a line that crosses it.</summary>
    public double Off(ReviewLine line, ChartPoint middle) =>
        line.Out.XMm * (OutMm + Larger * (line.At.XMm - middle.XMm)) + line.Out.YMm * (UpMm + Larger * (line.At.YMm - middle.YMm));
}

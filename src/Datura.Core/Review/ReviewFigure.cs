namespace Datura.Core.Review;

/// <summary>What a part paints on one side, as a photo of the finished face is searched for it.</summary>
/// <param name="Side">Of the wearer.</param>
/// <param name="IsBase">A ground that others lie on: its colour and evenness are looked at, its place is not.</param>
/// <param name="Middle">On the chart.</param>
/// <param name="Lines">Short lines across its outline, where colours change.</param>
/// <param name="Spots">Places inside, where its own paint is seen.</param>
/// <param name="SeenCm2">Area in which its own paint is seen.</param>
public sealed record ReviewFigure(
    string PartId, string Label, Side Side, bool IsBase, ChartPoint Middle, double RadiusMm, IReadOnlyList<ReviewLine> Lines, IReadOnlyList<ReviewSpot> Spots, double SeenCm2)
{
    /// <summary>The part with its side, in words.</summary>
    public string Name => Side == Side.Middle ? Label : $"{Label}, {Word(Side)}";

    internal static string Word(Side side) => side == Side.Left ? "left" : "right";

    /// <summary>The figure apart from all else; null for bare skin.</summary>
    internal FigureFilms? Films { get; init; }

    /// <summary>A line with the colours that it would cross if the figure alone lay elsewhere.</summary>
    internal ReviewLine Laid(ReviewLine line, FigurePlace place) => line with
    {
        Planned = [.. Enumerable.Range(0, line.Planned.Count).Select(k => Softened(line.At + (0.5 * k - ReviewLine.PlannedReachMm) * line.Out, place))],
    };

    // A camera sees no single pixel of the chart.
    private (double R, double G, double B) Softened(ChartPoint at, FigurePlace place)
    {
        double r = 0, g = 0, b = 0;
        for (var k = 0; k < 4; k++)
        {
            var near = at + new ChartPoint(k % 2 == 0 ? -QuarterMm : QuarterMm, k < 2 ? -QuarterMm : QuarterMm);
            var c = LookFilms.Linear(Films!.LogAt(near, place.PlannedAt(near, Middle)));
            (r, g, b) = (r + c.R / 4, g + c.G / 4, b + c.B / 4);
        }

        return (r, g, b);
    }

    private const double QuarterMm = 0.25;
}

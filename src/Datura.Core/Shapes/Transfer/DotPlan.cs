using System.Collections.Concurrent;
using Datura.Core.Body;

namespace Datura.Core.Shapes.Transfer;

/// <summary>The few dots that let a hand place the outlines of a look with a tape.</summary>
public sealed record DotPlan(double ToleranceMm, IReadOnlyList<DottedFigure> Figures)
{
    public const double LeastToleranceMm = 1;
    public const double MostToleranceMm = 5;

    /// <summary>Dots to set on the fuller side of the face; those of a figure across the mid-line that lie on it count on both.</summary>
    public int DotsASide => Math.Max(Count(1), Count(-1));

    private int Count(int side) => Figures.SelectMany(f => f.Dots).Count(d => side * d.At.XMm > -1);

    // Distances are read to the millimetre; this much of the tolerance is kept for it.
    private const double RoundingMm = 0.5;

    /// <param name="toleranceMm">How far the redrawn line may lie off, 1 to 5 mm.</param>
    public static DotPlan Of(IEnumerable<Figure> figures, FittedBody body, double toleranceMm)
    {
        var tolerance = Math.Clamp(toleranceMm, LeastToleranceMm, MostToleranceMm);
        var surveyor = new DotPlacing(body);
        // Figures have one dot or forty: they are dealt out one by one.
        var placed = Partitioner.Create([.. figures], loadBalance: true).AsParallel().AsOrdered().Select(f =>
        {
            var dots = FewestDots.Of(f.Line, f.Closed, f.ToleranceFactor * tolerance - RoundingMm);
            return (Figure: f, Dots: surveyor.Place(dots));
        }).ToArray();
        var result = new List<DottedFigure>();
        var number = 1;
        foreach (var (figure, dots) in placed)
        {
            var redrawn = dots.Select(d => d.Redrawn).ToArray();
            result.Add(new(
                figure.PartId, figure.Label, figure.Side, figure.Closed, figure.ToleranceFactor * tolerance, Math.Round(FewestDots.ErrorMm(figure.Line, figure.Closed, redrawn), 2),
                [.. dots.Select(d => new PlacedDot(number++, d.At, d.First, d.Second, d.Where))],
                [.. Curves.Through(redrawn, figure.Closed).Select(p => new ChartPoint(Math.Round(p.XMm, 2), Math.Round(p.YMm, 2)))]));
        }

        return new(tolerance, result);
    }
}

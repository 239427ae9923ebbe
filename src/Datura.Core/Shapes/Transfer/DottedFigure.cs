namespace Datura.Core.Shapes.Transfer;

/// <summary>The dots of one line.</summary>
/// <param name="ToleranceMm">How far the redrawn line may lie off.</param>
/// <param name="ErrorMm">Greatest distance of the curve redrawn from the rounded distances to the line, mm.</param>
public sealed record DottedFigure(
    string PartId, string Label, Side Side, bool Closed, double ToleranceMm, double ErrorMm, IReadOnlyList<PlacedDot> Dots, IReadOnlyList<ChartPoint> Redrawn);

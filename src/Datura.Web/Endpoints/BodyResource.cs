namespace Datura.Web;

/// <summary>The body of a face for pointing: landmarks and zone outlines on the chart, all in chart mm.</summary>
/// <param name="WindowSideMm">Side of the paint picture's square.</param>
/// <param name="WindowTopMm">Its upper edge above the nose root.</param>
/// <param name="LowestMm">The lower edge of the skin on the chart.</param>
public sealed record BodyResource(
    double WindowSideMm,
    double WindowTopMm,
    double LowestMm,
    IReadOnlyDictionary<string, double> MeasuresMm,
    IReadOnlyList<string> Estimated,
    IReadOnlyDictionary<string, ChartPoint> Landmarks,
    IReadOnlyDictionary<string, IReadOnlyList<IReadOnlyList<double>>> Zones);

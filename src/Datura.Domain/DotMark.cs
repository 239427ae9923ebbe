using NetTopologySuite.Geometries;

namespace Datura.Domain;

/// <summary>A single touch of the brush.</summary>
public sealed record DotMark(string Role, Side Side, ChartPoint At, double DiameterMm) : Mark(Role, Side)
{
    /// <summary>What a step of the chart is on the skin there: a dot is round on the skin, not on the chart.</summary>
    public ChartMeasure Measure { get; init; } = ChartMeasure.True;

    /// <summary>How far it reaches from its middle on the chart at the most, mm.</summary>
    public double ReachMm => DiameterMm / 2 * Measure.LongestMm;

    public override Envelope Box() => new(new Coordinate(At.XMm, At.YMm));
}

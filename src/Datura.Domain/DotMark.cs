using NetTopologySuite.Geometries;

namespace Datura.Domain;

/// <summary>A single touch of the brush.</summary>
public sealed record DotMark(string Role, Side Side, ChartPoint At, double DiameterMm) : Mark(Role, Side)
{
    public override Envelope Box() => new(new Coordinate(At.XMm, At.YMm));
}

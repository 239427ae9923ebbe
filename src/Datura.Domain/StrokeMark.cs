using NetTopologySuite.Geometries;

namespace Datura.Domain;

/// <summary>A drawn line with its width at every point, mm.</summary>
public sealed record StrokeMark(string Role, Side Side, IReadOnlyList<ChartPoint> Path, IReadOnlyList<double> WidthsMm) : Mark(Role, Side)
{
    public override Envelope Box()
    {
        var box = new Envelope();
        foreach (var p in Path)
        {
            box.ExpandToInclude(p.XMm, p.YMm);
        }

        return box;
    }
}

using Datura.Core.Body;
using NetTopologySuite.Geometries;

namespace Datura.Core.Shapes;

/// <summary>What the wearer has on: the base may run down to it.</summary>
/// <param name="NecklineMm">Edge of the costume below the notch between the collar bones, mm along the mid-line (negative: above it).</param>
/// <param name="WidthMm">Across, at the height of the collar bones.</param>
public sealed record Costume(double NecklineMm, NecklineShape Shape = NecklineShape.Round, double WidthMm = 170)
{
    private const double ShoulderMm = 26;

    /// <summary>The edge from the wearer's right to the left, on the chart.</summary>
    public IReadOnlyList<ChartPoint> Edge(FittedBody body)
    {
        const int pieces = 24;
        var bottom = body.Go(body.At(Landmark.Suprasternale), -Math.PI / 2, NecklineMm).YMm;
        // Beside the neck the edge lies on the trapezius, or as high as the costume reaches in front.
        var top = Math.Max(bottom, body.At(Landmark.ClavicleInner.Left).YMm + 14);
        var half = WidthMm / 2;
        var edge = new List<ChartPoint>();
        for (var k = -pieces; k <= pieces; k++)
        {
            var t = (double)k / pieces;
            edge.Add(new(half * t, top + (bottom - top) * Depth(Math.Abs(t))));
        }

        return edge;
    }

    /// <summary>The skin that stays bare above the costume, on the chart.</summary>
    public Geometry Bare(FittedBody body)
    {
        const double far = 1000;
        var edge = Edge(body);
        // Beside the opening the costume lies on the shoulder, up to where the neck begins.
        var shoulder = edge[0].YMm + ShoulderMm;
        return Curves.Polygon([new(-far, shoulder), new(edge[0].XMm, shoulder), .. edge, new(edge[^1].XMm, shoulder), new(far, shoulder), new(far, far), new(-far, far)]);
    }

    // Share of the depth at a share of the half width.
    private double Depth(double t) => Shape switch
    {
        NecklineShape.Vee => 1 - t,
        NecklineShape.Square => t < 0.86 ? 1 : (1 - t) / 0.14,
        NecklineShape.Boat => 1 - Math.Pow(t, 4),
        _ => Math.Sqrt(Math.Max(0, 1 - t * t)),
    };
}

using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>
/// A small sheet of true millimetres laid on the skin: <c>Along</c> its heading and to the left of it. Near its origin a
/// millimetre of the frame is one on the skin; good for motifs up to a few centimetres.
/// </summary>
public sealed class SkinFrame
{
    private readonly ChartPoint origin;
    private readonly ChartPoint along;
    private readonly ChartPoint left;

    public SkinFrame(FittedBody body, ChartPoint origin, double headingRad)
    {
        this.origin = origin;
        along = Step(body, origin, headingRad);
        left = Step(body, origin, headingRad + Math.PI / 2);
    }

    public ChartPoint At(double alongMm, double leftMm) => origin + alongMm * along + leftMm * left;

    public List<ChartPoint> Path(params (double Along, double Left)[] points) => [.. points.Select(p => At(p.Along, p.Left))];

    /// <summary>A smooth closed outline through points of the frame.</summary>
    public List<ChartPoint> Outline(params (double Along, double Left)[] points) => Curves.Through(Path(points), closed: true);

    /// <summary>A smooth open line through points of the frame.</summary>
    public List<ChartPoint> Curve(params (double Along, double Left)[] points) => Curves.Through(Path(points), closed: false);

    /// <summary>A petal from the origin: pointed at both ends, widest past the middle.</summary>
    public List<ChartPoint> Petal(double lengthMm, double widthMm) => Outline(
        (0, 0), (0.3 * lengthMm, 0.36 * widthMm), (0.62 * lengthMm, 0.5 * widthMm), (0.88 * lengthMm, 0.24 * widthMm), (lengthMm, 0),
        (0.88 * lengthMm, -0.24 * widthMm), (0.62 * lengthMm, -0.5 * widthMm), (0.3 * lengthMm, -0.36 * widthMm));

    /// <summary>A drop: round at the origin's end, drawn out to a point along the heading.</summary>
    public List<ChartPoint> Drop(double lengthMm, double widthMm) => Outline(
        (0, 0), (0.1 * lengthMm, 0.4 * widthMm), (0.28 * lengthMm, 0.5 * widthMm), (0.55 * lengthMm, 0.26 * widthMm), (lengthMm, 0),
        (0.55 * lengthMm, -0.26 * widthMm), (0.28 * lengthMm, -0.5 * widthMm), (0.1 * lengthMm, -0.4 * widthMm));

    public List<ChartPoint> Ellipse(double alongMm, double leftMm, double centreAlong = 0, double centreLeft = 0)
    {
        const int pieces = 28;
        return [.. Enumerable.Range(0, pieces).Select(k => 2 * Math.PI * k / pieces)
            .Select(t => At(centreAlong + alongMm / 2 * Math.Cos(t), centreLeft + leftMm / 2 * Math.Sin(t)))];
    }

    private static ChartPoint Step(FittedBody body, ChartPoint origin, double headingRad)
    {
        var stretch = body.Chart.Stretch(origin, headingRad);
        return 1 / Math.Clamp(stretch, 0.4, 2.5) * new ChartPoint(Math.Cos(headingRad), Math.Sin(headingRad));
    }
}

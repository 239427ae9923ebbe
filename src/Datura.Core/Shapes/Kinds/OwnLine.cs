namespace Datura.Core.Shapes.Kinds;

/// <summary>A line or closed figure through the painter's own points of anatomy, with whatever stands along it.</summary>
public sealed class OwnLine() : DrawnKind("ownLine", "Your own line", Family.Ornament,
    [Zone.Forehead, Zone.Temple, Zone.Cheekbone, Zone.CheekHollow, Zone.Nose, Zone.UpperLip, Zone.Chin, Zone.Jaw, Zone.UnderJaw, Zone.NeckFront, Zone.NeckSide, Zone.Collar, Zone.Sternum,
        Zone.Chest],
    [FillCoat, LineCoat, AlongLine.Coat], [Width, LineProfile.Runs, .. AlongLine.Parameters])
{
    private static readonly NumberSpec Width = ParameterSpec.Length("width", "Line width", "At its widest.", 0.5, 20, 2.5, 0.1);
    private static readonly CoatRole FillCoat = new("fill", "Inside", Stage.BodyColour, Tool.Round5, 1, 60);
    private static readonly CoatRole LineCoat = Line("Line");

    // Further than this on both sides a line lies across the middle, mm (by judgement).
    private const double AcrossMm = 2;

    // A hand that is 8 % off in a stroke of this length misses its point by as much, mm (by judgement).
    private const double ByHandMm = 15;

    /// <summary>What stands in the library until the painter points: a curve round the outer corner of the eye.</summary>
    private static readonly OwnDrawing Sample = new([new(52, 26), new(66, 4), new(60, -22), new(44, -40), new(30, -44)]);

    // Points on both sides lie where they were pointed at; all others are of one side and its mirror image.
    protected override bool IsOnceInTheMiddle(Part part) => part.Drawn is { } own && own.Points.Any(p => p.XMm > AcrossMm) && own.Points.Any(p => p.XMm < -AcrossMm);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var own = context.Drawn is { Points.Count: > 0 } drawn ? drawn : Sample;
        var points = own.Points.Select(p => OwnPoints.On(context.Body, p)).ToArray();
        if (context.Side != Side.Middle && points.Average(p => p.XMm) < 0)
        {
            points = [.. points.Select(context.Body.Mirrored)];
        }

        points = [.. points.Select(p => p + new ChartPoint(context.Uneven(ByHandMm) - ByHandMm, context.Uneven(ByHandMm) - ByHandMm))];
        if (points.Length < 2)
        {
            pen.Dot(LineCoat, points[0], context.Number(Width));
            return;
        }

        var closed = own.Closed && points.Length > 2;
        IReadOnlyList<ChartPoint> path = own.Straight ? Straight(points, closed) : Curves.Through(points, closed);
        IReadOnlyList<ChartPoint> line = closed ? [.. path, path[0]] : path;
        if (closed)
        {
            pen.Fill(FillCoat, path);
        }

        var width = closed ? Profile.Even(context.Number(Width)) : LineProfile.Of(context, context.Number(Width));
        var pressed = Pressed(own.Points, points, line, closed);
        pen.Stroke(LineCoat, line, t => width(t) * pressed(t));
        AlongLine.Draw(context, pen, line, Outer(points), closed);
    }

    // With every corner in it, and points between them for the press.
    private static List<ChartPoint> Straight(ChartPoint[] points, bool closed)
    {
        var result = new List<ChartPoint>();
        for (var k = 0; k < (closed ? points.Length : points.Length - 1); k++)
        {
            result.AddRange(Curves.Every(1, [points[k], points[(k + 1) % points.Length]]));
        }

        return closed ? result : [.. result, points[^1]];
    }

    // 1 when the side away from the figure's middle, or of an open line from the face's middle, lies to the left of its way.
    private static int Outer(ChartPoint[] points)
    {
        var middle = new ChartPoint(points.Average(p => p.XMm), points.Average(p => p.YMm));
        var from = Math.Abs(middle.XMm) < AcrossMm ? middle : new(0, middle.YMm);
        var turned = 0.0;
        for (var k = 1; k < points.Length; k++)
        {
            var (way, there) = (points[k] - points[k - 1], points[k - 1] - from);
            turned += way.XMm * there.YMm - way.YMm * there.XMm;
        }

        return turned >= 0 ? 1 : -1;
    }

    // The press at a share of the way, straight between the points.
    private static Func<double, double> Pressed(IReadOnlyList<OwnPoint> own, ChartPoint[] points, IReadOnlyList<ChartPoint> line, bool closed)
    {
        if (own.All(p => p.Press == 1))
        {
            return _ => 1;
        }

        var whole = Curves.Length(line);
        var at = new List<(double Share, double Press)>();
        var (walked, next) = (0.0, 0);
        for (var k = 0; k < line.Count && next < points.Length; k++)
        {
            walked += k == 0 ? 0 : (line[k] - line[k - 1]).Length();
            if ((line[k] - points[next]).Length() < 0.8)
            {
                at.Add((walked / whole, own[next++].Press));
            }
        }

        if (closed)
        {
            at.Add((1, own[0].Press));
        }

        return t =>
        {
            var after = at.FindIndex(p => p.Share >= t);
            if (after <= 0)
            {
                return after < 0 ? at[^1].Press : at[0].Press;
            }

            var (a, b) = (at[after - 1], at[after]);
            return a.Press + (b.Press - a.Press) * (t - a.Share) / Math.Max(b.Share - a.Share, 1e-9);
        };
    }
}

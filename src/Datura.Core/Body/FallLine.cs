namespace Datura.Core.Body;

/// <summary>The way a drop runs down the skin with the head upright: always the steepest way down, with a little wander.</summary>
public static class FallLine
{
    // A drop stands still on skin flatter than this (sine of the slope), and hangs where the skin turns under (by judgement).
    private const double FlattestSlope = 0.15;
    private const double HangsBelow = -0.45;
    private const double StepMm = 2;

    // A wandering drop never turns so far that it would run level, rad (by judgement).
    private const double MostWanderRad = 0.9;

    /// <param name="place">Where a place of the chart lies in space, mm, y upwards.</param>
    /// <param name="start">Where the drop begins, on the chart.</param>
    /// <param name="lengthMm">How far it may run along the surface.</param>
    /// <param name="wanderRad">How far it is off the fall line at each step, towards the left of its way positive; none runs straight down.</param>
    /// <returns>Places of the chart from the start to where it ends or stands; the start alone where it cannot run at all.</returns>
    /// <example>On a cone that stands on its base the way is straight from its tip outwards.</example>
    public static IReadOnlyList<ChartPoint> From(Func<ChartPoint, Vec3> place, ChartPoint start, double lengthMm, Func<double>? wanderRad = null)
    {
        var path = new List<ChartPoint> { start };
        for (var walked = 0.0; walked < lengthMm - 1e-9; walked += StepMm)
        {
            var step = Math.Min(StepMm, lengthMm - walked);
            var off = Math.Clamp(wanderRad?.Invoke() ?? 0, -MostWanderRad, MostWanderRad);
            // Midpoint rule: half a step, then the whole step by the slope there.
            if (Down(place, path[^1], off) is not { } first || Down(place, path[^1] + step / 2 * first, off) is not { } whole)
            {
                break;
            }

            var next = path[^1] + step * whole;
            // At the foot of a hollow it would run to and fro.
            if (place(next).Y >= place(path[^1]).Y)
            {
                break;
            }

            path.Add(next);
        }

        return path;
    }

    /// <summary>The same on a body.</summary>
    public static IReadOnlyList<ChartPoint> On(FittedBody body, ChartPoint start, double lengthMm, Func<double>? wanderRad = null) =>
        From(body.Chart.Position, start, lengthMm, wanderRad);

    // Chart step that goes one millimetre along the surface, down its slope; null where a drop stands.
    private static ChartPoint? Down(Func<ChartPoint, Vec3> place, ChartPoint at, double offRad)
    {
        const double h = 0.75;
        var u = 1 / (2 * h) * (place(at + new ChartPoint(h, 0)) - place(at - new ChartPoint(h, 0)));
        var v = 1 / (2 * h) * (place(at + new ChartPoint(0, h)) - place(at - new ChartPoint(0, h)));
        double uu = u.Dot(u), uv = u.Dot(v), vv = v.Dot(v);
        var det = uu * vv - uv * uv;
        if (det < 1e-9)
        {
            return null;
        }

        // The gradient of the height along the surface, by the surface's own measure.
        var (du, dv) = ((u.Y * vv - v.Y * uv) / det, (v.Y * uu - u.Y * uv) / det);
        var slope = Math.Sqrt(Math.Max(0, u.Y * du + v.Y * dv));
        var normal = u.Cross(v).Unit();
        if (slope < FlattestSlope || normal.Y < HangsBelow)
        {
            return null;
        }

        var down = -1 / slope * (du * u + dv * v);
        var way = Math.Cos(offRad) * down + Math.Sin(offRad) * normal.Cross(down);
        double wu = way.Dot(u), wv = way.Dot(v);
        return new((wu * vv - wv * uv) / det, (wv * uu - wu * uv) / det);
    }
}

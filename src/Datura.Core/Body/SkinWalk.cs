namespace Datura.Core.Body;

/// <summary>Walking straight ahead on a surface, as a strip of tape laid flat without a crease does (a geodesic).</summary>
public static class SkinWalk
{
    private const double StepMm = 3;

    /// <param name="heading">Direction of the first step, any length; only its part along the skin counts.</param>
    /// <returns>The place that far along.</returns>
    public static SkinPoint Straight(SkinGrid skin, SkinPoint from, Vec3 heading, double lengthMm)
    {
        var at = from;
        var steps = Math.Max(1, (int)Math.Ceiling(lengthMm / StepMm));
        var step = lengthMm / steps;
        for (var k = 0; k < steps; k++)
        {
            // Midpoint rule: half a step, then the whole step by the skin's own measure and heading there.
            var half = Off(at, Step(skin, at, heading, step / 2));
            var whole = Step(skin, half, heading, step);
            at = Off(at, whole);
            heading = whole.Heading;
        }

        return at;
    }

    private static SkinPoint Off(SkinPoint at, (double Azimuth, double Height, Vec3 Heading) step) =>
        new(at.AzimuthRad + step.Azimuth, at.HeightMm + step.Height);

    // The change of material coordinates for a length along the skin at a place, and the heading turned into the skin there.
    private static (double Azimuth, double Height, Vec3 Heading) Step(SkinGrid skin, SkinPoint at, Vec3 heading, double lengthMm)
    {
        var (_, u, v) = skin.Evaluate(at);
        var n = u.Cross(v).Unit();
        var flat = (heading - heading.Dot(n) * n).Unit();
        double uu = u.Dot(u), uv = u.Dot(v), vv = v.Dot(v), fu = flat.Dot(u), fv = flat.Dot(v);
        var det = uu * vv - uv * uv;
        return (lengthMm * (fu * vv - fv * uv) / det, lengthMm * (fv * uu - fu * uv) / det, flat);
    }
}

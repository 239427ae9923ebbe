namespace Datura.Core.Body;

/// <summary>Walking straight ahead on a surface, as a strip of tape laid flat without a crease does (a geodesic).</summary>
public static class SkinWalk
{
    private const double StepMm = 1.5;

    /// <param name="heading">Direction of the first step, any length; only its part along the skin counts.</param>
    /// <returns>The place that far along.</returns>
    public static SkinPoint Straight(SkinGrid skin, SkinPoint from, Vec3 heading, double lengthMm)
    {
        var at = from;
        var steps = Math.Max(1, (int)Math.Ceiling(lengthMm / StepMm));
        var step = lengthMm / steps;
        for (var k = 0; k < steps; k++)
        {
            // Midpoint rule: half a step, the heading turned into the skin there, then the whole step with it.
            var (half, ahead) = Step(skin, at, heading, step / 2);
            var (next, there) = Step(skin, at, Along(skin, half, ahead), step);
            (at, heading) = (next, Along(skin, next, there));
        }

        return at;
    }

    private static Vec3 Along(SkinGrid skin, SkinPoint at, Vec3 heading)
    {
        var n = skin.Normal(at);
        return (heading - heading.Dot(n) * n).Unit();
    }

    private static (SkinPoint At, Vec3 Heading) Step(SkinGrid skin, SkinPoint at, Vec3 heading, double lengthMm)
    {
        var (_, u, v) = skin.Evaluate(at);
        var n = u.Cross(v).Unit();
        var flat = (heading - heading.Dot(n) * n).Unit();
        double uu = u.Dot(u), uv = u.Dot(v), vv = v.Dot(v), fu = flat.Dot(u), fv = flat.Dot(v);
        var det = uu * vv - uv * uv;
        return (new(at.AzimuthRad + lengthMm * (fu * vv - fv * uv) / det, at.HeightMm + lengthMm * (fv * uu - fu * uv) / det), flat);
    }
}

namespace Datura.Core.Body;

/// <summary>Where bone comes forward and where skin lies in a hollow.</summary>
public static class BoneField
{
    // Wide enough to tell a cheekbone from its hollow, too wide for a pore (by judgement).
    private const double RingMm = 14;
    private const int RingPlaces = 8;

    /// <returns>How far the skin stands above the ring of skin about it, mm: more than 0 over bone, less in a hollow.</returns>
    public static double StandsOutMm(FittedBody body, ChartPoint at)
    {
        var ring = new Vec3(0, 0, 0);
        for (var k = 0; k < RingPlaces; k++)
        {
            var (sin, cos) = Math.SinCos(2 * Math.PI * k / RingPlaces);
            ring += 1.0 / RingPlaces * body.Chart.Position(at + RingMm * new ChartPoint(cos, sin));
        }

        return (body.Chart.Position(at) - ring).Dot(body.Skin.Normal(body.Chart.ToSkin(at)));
    }
}

namespace Datura.Core.Body;

/// <summary>Horizontal rings of the reference body: radius (mm) over azimuth (degrees, one side) at a few heights v (mm).</summary>
internal sealed class RingTable
{
    // Below this every ring is complete from front to back; above it only the back is given.
    private const double HighestFullRingMm = -102;

    private readonly (double V, double[] Azimuth, double[] R)[] rings;
    private readonly (double V, MonotoneCurve Curve)[] full;

    public RingTable(IEnumerable<(double V, double Azimuth, double R)> rows)
    {
        rings = [.. rows.GroupBy(r => r.V).OrderBy(g => g.Key)
            .Select(g => (g.Key, g.Select(r => r.Azimuth).ToArray(), g.Select(r => r.R).ToArray()))];
        full = [.. rings.Where(r => r.V <= HighestFullRingMm).Select(r => (r.V, Periodic(r.Azimuth, r.R)))];
    }

    /// <summary>Radius at any place below the jaw: around each ring first, then monotone from ring to ring.</summary>
    public double At(double azimuthDeg, double v) => new MonotoneCurve(
        [.. full.Select(r => r.V)], [.. full.Select(r => r.Curve.At(azimuthDeg))]).At(v);

    /// <summary>The rings' radii at one azimuth, lowest first, up to a height.</summary>
    public (double V, double R)[] Column(double azimuthDeg, double below) => [.. rings
        .Where(r => r.V >= -176 && r.V <= below && azimuthDeg >= r.Azimuth[0])
        .Select(r => (r.V, new MonotoneCurve(r.Azimuth, r.R).At(azimuthDeg)))];

    /// <summary>Dense samples of everything that the face points and the jaw's columns do not cover.</summary>
    public IEnumerable<(double V, double Azimuth, double R)> HeadBack()
    {
        foreach (var ring in rings.Where(r => r.V >= -140))
        {
            var curve = Periodic(ring.Azimuth, ring.R);
            var from = ring.V <= -80 ? 90 : ring.Azimuth[0];
            for (var a = from; a <= 180; a += ring.V > 110 ? 18 : 9)
            {
                yield return (ring.V, a, curve.At(a));
            }
        }
    }

    // Mirror points beyond both ends make the curve level at the mid-lines.
    private static MonotoneCurve Periodic(double[] azimuth, double[] r)
    {
        if (azimuth[0] > 0)
        {
            return new([.. azimuth, 360 - azimuth[^2]], [.. r, r[^2]]);
        }

        return new([-azimuth[1], .. azimuth, 360 - azimuth[^2]], [r[1], .. r, r[^2]]);
    }
}

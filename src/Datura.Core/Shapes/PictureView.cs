using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>
/// A picture of a face laid over another face: seen from a direction by parallel rays, and fitted so that three landmarks of the picture lie
/// on those of the face. Three points determine it (an affine map), whatever the picture's size, turn, sides and proportions are.
/// </summary>
internal sealed class PictureView
{
    /// <summary>Three landmarks whose triangle is flatter than this do not say how the picture lies (by judgement).</summary>
    private const double LeastHeight = 0.08;

    private readonly double fromDeg;
    private readonly double[] across;
    private readonly double[] upwards;

    /// <exception cref="InputException">The three lie almost in a line, in the picture or as seen from there.</exception>
    private PictureView(double fromDeg, PicturePoint[] picture, (double Across, double Up)[] face)
    {
        this.fromDeg = fromDeg;
        if (Flatness([.. picture.Select(p => (p.X, p.Y))]) < LeastHeight || Flatness(face) < LeastHeight)
        {
            throw new InputException("landmarks", ProblemCode.TraceFlat);
        }

        across = Affine(picture, [.. face.Select(f => f.Across)]);
        upwards = Affine(picture, [.. face.Select(f => f.Up)]);
    }

    /// <param name="fromDeg">From where the picture shows the face: 0 from the front, towards the wearer's left; null where the landmarks shall tell.</param>
    public static PictureView Of(FittedBody body, IReadOnlyList<PictureMatch> matches, double? fromDeg)
    {
        var azimuths = matches.Select(m => Landmarks.At(new(m.At)).AzimuthRad * 180 / Math.PI).ToArray();
        var from = fromDeg ?? Usual(azimuths);
        return new(from, [.. matches.Select(m => new PicturePoint(m.X, m.Y))], [.. matches.Select(m => Seen(body.Chart.Position(body.At(new Landmark(m.At))), from))]);
    }

    /// <summary>Where a place of the picture lies as seen from there, mm across and up.</summary>
    public (double Across, double Up) Place(PicturePoint at) => (across[0] + across[1] * at.X + across[2] * at.Y, upwards[0] + upwards[1] * at.X + upwards[2] * at.Y);

    /// <summary>Where a point of space is seen from there: mm across, to the wearer's left of the axis of the head, and up.</summary>
    public (double Across, double Up) Seen(Vec3 at) => Seen(at, fromDeg);

    /// <summary>How near it is to whoever looks from there, mm.</summary>
    public double Near(Vec3 at) => Math.Sin(fromDeg * Math.PI / 180) * at.X + Math.Cos(fromDeg * Math.PI / 180) * at.Z;

    private static (double Across, double Up) Seen(Vec3 at, double fromDeg)
    {
        var (sin, cos) = Math.SinCos(fromDeg * Math.PI / 180);
        return (cos * at.X - sin * at.Z, at.Y);
    }

    // From the front when they lie on both sides or in the middle, else from where they face.
    private static double Usual(double[] azimuthsDeg) => azimuthsDeg.Min() < -1 && azimuthsDeg.Max() > 1 || Math.Abs(azimuthsDeg.Average()) < 15 ? 0 : azimuthsDeg.Average();

    // Height over the longest side, as a share of it.
    private static double Flatness((double X, double Y)[] p)
    {
        var longest = Math.Max(Between(p[0], p[1]), Math.Max(Between(p[1], p[2]), Between(p[2], p[0])));
        var twice = Math.Abs((p[1].X - p[0].X) * (p[2].Y - p[0].Y) - (p[2].X - p[0].X) * (p[1].Y - p[0].Y));
        return longest > 0 ? twice / (longest * longest) : 0;
    }

    private static double Between((double X, double Y) a, (double X, double Y) b) => Math.Sqrt((a.X - b.X) * (a.X - b.X) + (a.Y - b.Y) * (a.Y - b.Y));

    // v = c0 + c1 x + c2 y through three places.
    private static double[] Affine(PicturePoint[] p, double[] v)
    {
        var (ax, ay, bx, by) = (p[1].X - p[0].X, p[1].Y - p[0].Y, p[2].X - p[0].X, p[2].Y - p[0].Y);
        var whole = ax * by - bx * ay;
        var byX = ((v[1] - v[0]) * by - (v[2] - v[0]) * ay) / whole;
        var byY = ((v[2] - v[0]) * ax - (v[1] - v[0]) * bx) / whole;
        return [v[0] - byX * p[0].X - byY * p[0].Y, byX, byY];
    }
}

using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Files.Pictures;

/// <summary>From where a bust is seen. Turn and tilt in degrees: turn 0 is the front, positive shows the wearer's left side.</summary>
public sealed record BustView(double TurnDeg, double TiltDeg, double CentreYMm, double HeightMm)
{
    public static BustView Front { get; } = new(0, 2, -62, 440);

    public static BustView ThreeQuarterLeft { get; } = new(42, 2, -62, 440);

    public static BustView ThreeQuarterRight { get; } = new(-42, 2, -62, 440);

    // A camera 1.6 m away: near enough to look natural, far enough not to bulge the nose.
    private const double CameraMm = 1600;

    /// <summary>Pixel (from the upper left) and depth (mm, larger is nearer) of a place in space.</summary>
    public (float X, float Y, float Z) Project(Vec3 place, int width, int height)
    {
        var p = Turned(place - new Vec3(0, CentreYMm, CapsuleCoordinates.AxisZMm));
        var scale = height / HeightMm * CameraMm / (CameraMm - p.Z);
        return ((float)(width / 2.0 + p.X * scale), (float)(height / 2.0 - p.Y * scale), (float)p.Z);
    }

    /// <summary>A direction in view space: x right, y up, z towards the viewer.</summary>
    public Vec3 Turned(Vec3 p)
    {
        var (sinTurn, cosTurn) = Math.SinCos(-TurnDeg * Math.PI / 180);
        var (sinTilt, cosTilt) = Math.SinCos(TiltDeg * Math.PI / 180);
        var z = -p.X * sinTurn + p.Z * cosTurn;
        return new(p.X * cosTurn + p.Z * sinTurn, p.Y * cosTilt - z * sinTilt, p.Y * sinTilt + z * cosTilt);
    }

    /// <summary>Head, neck and collar for a gallery card.</summary>
    public static BustView Gallery { get; } = new(-24, 2, -48, 400);

    /// <summary>The same from the side that carries more, where one carries clearly more; parts of the mid-line count for neither.</summary>
    public static BustView GalleryOf(PlannedLook look)
    {
        double Carried(Side side) => look.Jobs.Where(j => j.Role.Stage is not (Stage.Base or Stage.Map)).SelectMany(j => j.Marks).Where(m => m.Side == side).Sum(m => Footprint.Of([m]).AreaMm2);
        return Carried(Side.Left) > MoreMm2 + Carried(Side.Right) ? Gallery with { TurnDeg = -Gallery.TurnDeg } : Gallery;
    }

    // About a fingertip more (by judgement).
    private const double MoreMm2 = 200;

    /// <summary>Head to collar bones, small.</summary>
    public static BustView Strip { get; } = new(-18, 2, -42, 360);

    public static BustView FaceClose { get; } = new(0, 2, -4, 275);
}

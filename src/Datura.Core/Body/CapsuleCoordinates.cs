namespace Datura.Core.Body;

/// <summary>
/// Capsule coordinates of the reference body: a cylinder up to eye level and a dome above it, joined without a step.
/// Source: common practice of parametrising a head; constants chosen for the reference points shipped with the project.
/// </summary>
public static class CapsuleCoordinates
{
    /// <summary>Where the vertical axis stands, mm in front of the origin (negative: inside the head).</summary>
    public const double AxisZMm = -45;

    /// <summary>Height of the join, mm.</summary>
    public const double EyeLevelMm = 30;

    /// <summary>Millimetres of v per radian of elevation above the join.</summary>
    public const double ElevationScaleMm = 90;

    /// <summary>The v at which the dome closes.</summary>
    public const double CrownMm = EyeLevelMm + ElevationScaleMm * Math.PI / 2;

    public static Vec3 ToSpace(SkinPoint at, double radiusMm)
    {
        var (sin, cos) = Math.SinCos(at.AzimuthRad);
        if (at.HeightMm <= EyeLevelMm)
        {
            return new(radiusMm * sin, at.HeightMm, AxisZMm + radiusMm * cos);
        }

        var (up, flat) = Math.SinCos((at.HeightMm - EyeLevelMm) / ElevationScaleMm);
        return new(radiusMm * flat * sin, EyeLevelMm + radiusMm * up, AxisZMm + radiusMm * flat * cos);
    }

    public static (SkinPoint At, double RadiusMm) FromSpace(Vec3 p)
    {
        var azimuth = Math.Atan2(p.X, p.Z - AxisZMm);
        var flat = Math.Sqrt(p.X * p.X + (p.Z - AxisZMm) * (p.Z - AxisZMm));
        if (p.Y <= EyeLevelMm)
        {
            return (new(azimuth, p.Y), flat);
        }

        var rise = p.Y - EyeLevelMm;
        return (new(azimuth, EyeLevelMm + ElevationScaleMm * Math.Atan2(rise, flat)), Math.Sqrt(flat * flat + rise * rise));
    }
}

using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>How the head stands before a camera. The camera's axes: right, down, away.</summary>
/// <param name="Turned">From the body's axes, seen from the front, to the camera's.</param>
/// <param name="MiddleMm">Where the axis of the head at eye level lies for the camera.</param>
public sealed record CameraPose(Rotation Turned, Vec3 MiddleMm)
{
    private const double Deg = 180 / Math.PI;

    /// <summary>What is turned about: the axis of the head at the height of the nose root.</summary>
    internal static readonly Vec3 Pivot = new(0, CapsuleCoordinates.EyeLevelMm, CapsuleCoordinates.AxisZMm);

    /// <summary>A head that lifts its chin by an angle, turns its left side to the camera by another and leans towards its left shoulder by a third.</summary>
    /// <param name="awayMm">From the camera to the axis of the head.</param>
    public static CameraPose Of(double turnDeg, double tiltDeg, double leanDeg, double awayMm, double rightMm = 0, double downMm = 0)
    {
        var tilt = Rotation.About(new(-tiltDeg / Deg, 0, 0));
        var turn = Rotation.About(new(0, turnDeg / Deg, 0));
        var lean = Rotation.About(new(0, 0, leanDeg / Deg));
        return new(lean.After(turn).After(tilt), new(rightMm, downMm, awayMm));
    }

    /// <summary>How far the head shows its left side, degrees; below 0 its right.</summary>
    public double TurnDeg => Math.Atan2(-Turned.Z.X, Math.Sqrt(Turned.Z.Y * Turned.Z.Y + Turned.Z.Z * Turned.Z.Z)) * Deg;

    /// <summary>How far the chin is lifted, degrees.</summary>
    public double TiltDeg => Math.Atan2(-Turned.Z.Y, Turned.Z.Z) * Deg;

    /// <summary>How far the head leans towards its left shoulder, degrees.</summary>
    public double LeanDeg => Math.Atan2(Turned.Y.X, Turned.X.X) * Deg;

    /// <summary>A place of the body for the camera, mm.</summary>
    public Vec3 Of(Vec3 body) => Turned.Of(Flip(body - Pivot)) + MiddleMm;

    /// <summary>Where the camera stands, in the body's own axes, mm.</summary>
    public Vec3 CameraMm => Pivot + Flip(Turned.Back(-1 * MiddleMm));

    /// <summary>The angle between two poses, degrees.</summary>
    public double FromDeg(CameraPose other)
    {
        var trace = Turned.X.Dot(other.Turned.X) + Turned.Y.Dot(other.Turned.Y) + Turned.Z.Dot(other.Turned.Z);
        return Math.Acos(Math.Clamp((trace - 1) / 2, -1, 1)) * Deg;
    }

    // From the wearer's left, up and forward to right, down and away.
    internal static Vec3 Flip(Vec3 p) => new(p.X, -p.Y, -p.Z);
}

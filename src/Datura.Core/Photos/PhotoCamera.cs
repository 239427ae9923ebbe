namespace Datura.Core.Photos;

/// <summary>A camera before a head.</summary>
public sealed record PhotoCamera(Lens Lens, CameraPose Pose)
{
    /// <summary>Where a place of the body comes to lie, px from the upper left, and how far away it is, mm.</summary>
    public (double X, double Y, double AwayMm) Draw(Vec3 body)
    {
        var q = Pose.Of(body);
        var (x, y) = Lens.Draw(q.X / q.Z, q.Y / q.Z);
        return (x, y, q.Z);
    }

    /// <summary>How squarely a piece of skin faces the camera: 1 square on, 0 from the side, below 0 turned away.</summary>
    public double Facing(Vec3 body, Vec3 normal) => normal.Dot((Pose.CameraMm - body).Unit());

    /// <summary>Pixels per mm of a plane square to the camera's axis at a place.</summary>
    public double PixelsPerMm(Vec3 body) => Lens.FocalPx / Pose.Of(body).Z;
}

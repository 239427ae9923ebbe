namespace Datura.Core.Photos;

/// <summary>One photo's camera while it is looked for: turn 3, place 3, logarithm of the focal length, distortion.</summary>
/// <param name="UsualFocalPx">What is believed of the focal length beforehand, pixels.</param>
/// <param name="FocalSpread">How far it may be off, as a standard deviation of its logarithm.</param>
internal sealed record CameraUnknown(PhotoCamera Camera, double UsualFocalPx, double FocalSpread)
{
    public const int Count = 8;

    // Lenses of phones are set right in the picture but for so much (by judgement).
    private const double DistortionSpread = 0.05;

    // A step of the head before the camera, mm: what is left out of the prior need not be exact.
    private const double AnywhereMm = 1e5;

    public void AddPrior(NormalEquations sums, int from)
    {
        for (var k = 0; k < 6; k++)
        {
            sums.Add(from + k, 0, 1 / (AnywhereMm * AnywhereMm));
        }

        sums.Add(from + 6, Math.Log(UsualFocalPx / Camera.Lens.FocalPx), 1 / (FocalSpread * FocalSpread));
        sums.Add(from + 7, -Camera.Lens.Distortion, 1 / (DistortionSpread * DistortionSpread));
    }

    /// <summary>The camera after a step.</summary>
    public CameraUnknown Moved(ReadOnlySpan<double> step)
    {
        var (lens, pose) = (Camera.Lens, Camera.Pose);
        var turn = new Vec3(step[0], step[1], step[2]);
        var away = Math.Max(0.3 * pose.MiddleMm.Z, pose.MiddleMm.Z + step[5]);
        return this with
        {
            Camera = new(
                lens with { FocalPx = lens.FocalPx * Math.Exp(Math.Clamp(step[6], -0.5, 0.5)), Distortion = Math.Clamp(lens.Distortion + step[7], -0.3, 0.3) },
                new(Rotation.About(turn).After(pose.Turned), new(pose.MiddleMm.X + step[3], pose.MiddleMm.Y + step[4], away))),
        };
    }

    /// <summary>
    /// Where a place is drawn; how that changes with the camera's unknowns (two rows of eight) and with the place (a row for each direction
    /// of the body).
    /// </summary>
    public (double X, double Y, double[] ByCamera, Vec3 XByPlace, Vec3 YByPlace) Draw(Vec3 body)
    {
        var (lens, pose) = (Camera.Lens, Camera.Pose);
        var turned = pose.Turned.Of(CameraPose.Flip(body - CameraPose.Pivot));
        var q = turned + pose.MiddleMm;
        var (x, y) = (q.X / q.Z, q.Y / q.Z);
        var r2 = x * x + y * y;
        var (f, k) = (lens.FocalPx, lens.Distortion);
        var d = 1 + k * r2;
        // By the slopes first, then the slopes by the place for the camera.
        var (uByX, uByY, vByY) = (f * (d + 2 * k * x * x), f * 2 * k * x * y, f * (d + 2 * k * y * y));
        var du = new Vec3(uByX / q.Z, uByY / q.Z, -(uByX * x + uByY * y) / q.Z);
        var dv = new Vec3(uByY / q.Z, vByY / q.Z, -(uByY * x + vByY * y) / q.Z);
        var (uTurn, vTurn) = (turned.Cross(du), turned.Cross(dv));
        double[] byCamera =
        [
            uTurn.X, uTurn.Y, uTurn.Z, du.X, du.Y, du.Z, f * d * x, f * r2 * x,
            vTurn.X, vTurn.Y, vTurn.Z, dv.X, dv.Y, dv.Z, f * d * y, f * r2 * y,
        ];
        return (lens.WidthPx / 2 + f * d * x, lens.HeightPx / 2 + f * d * y, byCamera, CameraPose.Flip(pose.Turned.Back(du)), CameraPose.Flip(pose.Turned.Back(dv)));
    }

    /// <summary>How far away a place is, mm, and how that changes with the turn, the distance and the place.</summary>
    public (double AwayMm, Vec3 ByTurn, Vec3 ByPlace) Away(Vec3 body)
    {
        var turned = Camera.Pose.Turned.Of(CameraPose.Flip(body - CameraPose.Pivot));
        var ahead = new Vec3(0, 0, 1);
        return (turned.Z + Camera.Pose.MiddleMm.Z, turned.Cross(ahead), CameraPose.Flip(Camera.Pose.Turned.Back(ahead)));
    }
}

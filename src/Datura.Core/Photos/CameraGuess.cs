using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Photos;

/// <summary>
/// A first guess of how a head stands before a camera: points as seen from far away (scaled orthographic; DeMenthon and Davis 1995),
/// several times: without those that lie far off, and without those that then turn out to be on the far side, where a face finder only guesses.
/// </summary>
internal static class CameraGuess
{
    private const int Least = 6;
    private const int Rounds = 5;
    private const double LeastFacing = 0.2;

    /// <returns>Null where the points do not tell.</returns>
    public static CameraPose? Of(Lens lens, IReadOnlyList<(Vec3 Body, Vec3 Normal, double X, double Y)> points)
    {
        var use = points;
        for (var round = 0; ; round++)
        {
            if (use.Count < Least)
            {
                return null;
            }

            var places = Matrix<double>.Build.Dense(use.Count, 4, (k, c) => CameraPose.Flip(use[k].Body - CameraPose.Pivot) is var p && c == 0 ? p.X : c == 1 ? p.Y : c == 2 ? p.Z : 1);
            var way = places.QR();
            var across = way.Solve(Vector<double>.Build.Dense(use.Count, k => use[k].X - lens.WidthPx / 2));
            var down = way.Solve(Vector<double>.Build.Dense(use.Count, k => use[k].Y - lens.HeightPx / 2));
            Vec3 x = new(across[0], across[1], across[2]), y = new(down[0], down[1], down[2]);
            var pxPerMm = (x.Length + y.Length) / 2;
            if (!(pxPerMm > 1e-6) || !double.IsFinite(pxPerMm))
            {
                return null;
            }

            var pose = new CameraPose(Rotation.FromRows(x, y), new(across[3] / pxPerMm, down[3] / pxPerMm, lens.FocalPx / pxPerMm));
            if (round == Rounds)
            {
                return pose;
            }

            if (round > 0)
            {
                var camera = new PhotoCamera(lens, pose);
                var near = points.Where(p => camera.Facing(p.Body, p.Normal) > LeastFacing).ToArray();
                use = near.Length >= Least ? near : use;
                continue;
            }

            var off = use.Select((p, k) => Math.Abs(places.Row(k) * across - (p.X - lens.WidthPx / 2)) + Math.Abs(places.Row(k) * down - (p.Y - lens.HeightPx / 2))).ToArray();
            var usual = off.Order().ElementAt(off.Length / 2);
            use = [.. use.Where((_, k) => off[k] <= 3 * usual + 1e-9)];
        }
    }
}

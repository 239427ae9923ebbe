using MathNet.Numerics.LinearAlgebra;

namespace Datura.Core.Photos;

/// <summary>The map from a flat thing to a picture of it, from four corners (direct linear transform; Hartley and Zisserman 2004, 4.1).</summary>
/// <param name="H">Nine numbers row by row, the last one 1.</param>
public sealed record Homography(IReadOnlyList<double> H)
{
    /// <summary>Null where three corners lie in a line.</summary>
    public static Homography? Of(IReadOnlyList<(double X, double Y)> from, IReadOnlyList<(double X, double Y)> to)
    {
        var rows = Matrix<double>.Build.Dense(8, 8);
        var right = Vector<double>.Build.Dense(8);
        for (var k = 0; k < 4; k++)
        {
            var ((x, y), (u, v)) = (from[k], to[k]);
            rows.SetRow(2 * k, [x, y, 1, 0, 0, 0, -u * x, -u * y]);
            rows.SetRow(2 * k + 1, [0, 0, 0, x, y, 1, -v * x, -v * y]);
            (right[2 * k], right[2 * k + 1]) = (u, v);
        }

        var h = rows.Solve(right);
        return h.All(double.IsFinite) ? new([.. h, 1]) : null;
    }

    public (double X, double Y) Of(double x, double y)
    {
        var w = H[6] * x + H[7] * y + H[8];
        return ((H[0] * x + H[1] * y + H[2]) / w, (H[3] * x + H[4] * y + H[5]) / w);
    }

    /// <summary>How the flat thing stands before a camera whose picture this is: turn, and where its origin lies (Zhang 2000).</summary>
    public (Rotation Turned, Vec3 AtMm) Pose(Lens lens)
    {
        Vec3 Column(int c) => new((H[c] - lens.WidthPx / 2 * H[6 + c]) / lens.FocalPx, (H[3 + c] - lens.HeightPx / 2 * H[6 + c]) / lens.FocalPx, H[6 + c]);
        var (a, b, t) = (Column(0), Column(1), Column(2));
        var scale = 2 / (a.Length + b.Length) * (t.Z < 0 ? -1 : 1);
        var axes = Rotation.FromRows(scale * a, scale * b);
        // Its columns are the axes of the thing.
        return (new(new(axes.X.X, axes.Y.X, axes.Z.X), new(axes.X.Y, axes.Y.Y, axes.Z.Y), new(axes.X.Z, axes.Y.Z, axes.Z.Z)), scale * t);
    }
}

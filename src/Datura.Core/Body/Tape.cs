namespace Datura.Core.Body;

/// <summary>
/// Distance as a tape laid on the skin gives it: the shortest path over the surface. Found by relaxing a chain of points
/// (Gauss–Newton on the chain's energy, whose minimum is a geodesic walked at even speed).
/// </summary>
public static class Tape
{
    private const double LinkMm = 4;
    private const int LeastLinks = 8;
    private const int MostLinks = 40;
    private const double SettledMm = 0.002;
    private const int Rounds = 12;

    /// <returns>Shortest length on the skin, mm.</returns>
    public static double DistanceMm(SkinGrid skin, SkinPoint from, SkinPoint to) => Laid(skin, from, to).LengthMm;

    /// <param name="settledMm">The chain is relaxed until its length changes by less.</param>
    /// <returns>Evenly spaced points of the shortest path, ends included, and its length.</returns>
    public static (IReadOnlyList<SkinPoint> Path, double LengthMm) Laid(SkinGrid skin, SkinPoint from, SkinPoint to, double settledMm = SettledMm)
    {
        // A link of 4 mm is within a hundredth of a millimetre of the skin it spans.
        var links = Math.Clamp((int)Math.Ceiling(skin.Position(from).DistanceTo(skin.Position(to)) / LinkMm), LeastLinks, MostLinks);
        var chain = new SkinPoint[links + 1];
        for (var k = 0; k <= links; k++)
        {
            var t = (double)k / links;
            chain[k] = new(from.AzimuthRad + t * (to.AzimuthRad - from.AzimuthRad), from.HeightMm + t * (to.HeightMm - from.HeightMm));
        }

        var best = chain;
        var bestLength = double.MaxValue;
        for (var round = 0; round <= Rounds; round++)
        {
            var at = Array.ConvertAll(chain, skin.Evaluate);
            var length = 0.0;
            for (var k = 1; k <= links; k++)
            {
                length += at[k].Position.DistanceTo(at[k - 1].Position);
            }

            var settled = Math.Abs(bestLength - length) < settledMm;
            if (length < bestLength)
            {
                (best, bestLength) = (chain, length);
            }

            if (settled)
            {
                break;
            }

            chain = Relaxed(chain, at);
        }

        return (best, bestLength);
    }

    // One Gauss–Newton step: a block tridiagonal system with 2×2 blocks, solved by elimination.
    private static SkinPoint[] Relaxed(SkinPoint[] chain, (Vec3 Position, Vec3 ByAzimuth, Vec3 ByHeight)[] at)
    {
        var n = chain.Length - 2;
        var diagonal = new Block[n];
        var above = new Block[n];
        var right = new (double A, double B)[n];
        for (var k = 1; k <= n; k++)
        {
            var (p, u, v) = at[k];
            var pull = at[k - 1].Position + at[k + 1].Position - 2 * p;
            // A little damping keeps the step finite where the two directions are almost parallel.
            const double damping = 1e-6;
            diagonal[k - 1] = new Block(2 * u.Dot(u) + damping, 2 * u.Dot(v), 2 * u.Dot(v), 2 * v.Dot(v) + damping);
            right[k - 1] = (u.Dot(pull), v.Dot(pull));
            if (k < n)
            {
                var (_, u2, v2) = at[k + 1];
                above[k - 1] = new Block(-u.Dot(u2), -u.Dot(v2), -v.Dot(u2), -v.Dot(v2));
            }
        }

        for (var k = 1; k < n; k++)
        {
            var factor = above[k - 1].Transposed.Times(diagonal[k - 1].Inverse);
            diagonal[k] = diagonal[k].Minus(factor.Times(above[k - 1]));
            var (a, b) = factor.Times(right[k - 1]);
            right[k] = (right[k].A - a, right[k].B - b);
        }

        var moved = (SkinPoint[])chain.Clone();
        (double A, double B) later = default;
        for (var k = n - 1; k >= 0; k--)
        {
            var (a, b) = k < n - 1 ? above[k].Times(later) : default;
            later = diagonal[k].Inverse.Times((right[k].A - a, right[k].B - b));
            var limit = Math.Min(1, 12 / (Math.Abs(later.A) * 100 + Math.Abs(later.B) + 1e-12));
            moved[k + 1] = new(chain[k + 1].AzimuthRad + limit * later.A, chain[k + 1].HeightMm + limit * later.B);
        }

        return moved;
    }

    private readonly record struct Block(double A, double B, double C, double D)
    {
        public Block Transposed => new(A, C, B, D);

        public Block Inverse => 1 / (A * D - B * C) is var k ? new(k * D, -k * B, -k * C, k * A) : default;

        public Block Times(Block o) => new(A * o.A + B * o.C, A * o.B + B * o.D, C * o.A + D * o.C, C * o.B + D * o.D);

        public (double A, double B) Times((double A, double B) v) => (A * v.A + B * v.B, C * v.A + D * v.B);

        public Block Minus(Block o) => new(A - o.A, B - o.B, C - o.C, D - o.D);
    }
}

namespace Datura.Core.Body;

/// <summary>
/// Distance as a tape laid on the skin gives it: the shortest path over the surface. Its way is found on a coarse net of the whole skin
/// (<see cref="TapeLattice"/>), then relaxed as a chain of points (Gauss–Newton on the chain's energy, whose minimum is a geodesic walked
/// at even speed), first with long links, then with short ones. The length is taken along the skin between the points.
/// </summary>
public static class Tape
{
    private const double LongLinkMm = 4;
    private const double ShortLinkMm = 1.5;
    // Read to the millimetre: on the demo's dots within 0.2 mm of the shorter links, and a way found with the longer ones is the same way (600 tapes on four
    // faces: 0.013 mm off in the mean instead of 0.012, a tenth faster).
    private const double ReadLinkMm = 2.5;
    private const double ReadLongLinkMm = 6;
    private const int LeastLinks = 8;
    private const int MostLinks = 160;
    private const double SettledMm = 0.002;
    private const double RoughMm = 0.01;
    private const int Rounds = 12;

    // What is still so much longer after so many rounds is not going to be shorter.
    private const int HopeRounds = 3;
    private const double HopelessShare = 1.02;

    // No way is shorter than the straight line through the air; one that is hardly longer need not be looked for elsewhere.
    private const double SureMm = 0.2;
    private const double SureShare = 0.004;

    // A way so much longer than that goes over something that it may be shorter to go round.
    private const double BentShare = 1.04;

    // The net's ways are up to 5 % too long, and one beside pays for leaving the first.
    private const double NetShare = 1.12;

    // Ways this near each other, either side of a nostril or a lip's bow, are one way to the net (1 of
    // 1,000 tapes missed the shorter one, none under 40 mm; over 80 mm one bow left triangles open by 0.5 %).
    private const double PushMm = 4;
    private const double ShortMm = 40;
    private const double LongMm = 80;
    private static readonly int[] ShortBows = [1];
    private static readonly int[] LongBows = [1, 2, 3];

    /// <returns>Shortest length on the skin, mm.</returns>
    public static double DistanceMm(SkinGrid skin, SkinPoint from, SkinPoint to) => Laid(skin, from, to).LengthMm;

    /// <param name="settledMm">The chain is relaxed until its length changes by less; above 0.01 mm its links are as long as whoever reads a tape to the
    /// millimetre needs.</param>
    /// <returns>Evenly spaced points of the shortest path, ends included, and its length.</returns>
    public static (IReadOnlyList<SkinPoint> Path, double LengthMm) Laid(SkinGrid skin, SkinPoint from, SkinPoint to, double settledMm = SettledMm)
    {
        // Back is the same way as there.
        if ((from.HeightMm, from.AzimuthRad).CompareTo((to.HeightMm, to.AzimuthRad)) < 0)
        {
            var (path, mm) = Laid(skin, to, from, settledMm);
            return ([.. path.Reverse()], mm);
        }

        // Straight over the coordinates, by the way on the net, by one well beside it and by the best pushed a little to either side: the
        // shortest once they are relaxed.
        var (roughMm, longMm) = (Math.Max(RoughMm, settledMm), settledMm > RoughMm ? ReadLongLinkMm : LongLinkMm);
        var best = Settled(skin, Even(skin, [from, to], longMm), roughMm);
        var (bestMm, straightMm) = (AlongMm(skin, best), skin.Position(from).DistanceTo(skin.Position(to)));
        if (bestMm - straightMm > Math.Max(SureMm, SureShare * straightMm))
        {
            Try(skin.Tapes.Way(from, to, NetShare * bestMm));
        }

        if (bestMm > BentShare * straightMm)
        {
            Try(skin.Tapes.Way(from, to, NetShare * bestMm, beside: best));
            foreach (var bows in bestMm > LongMm ? LongBows : bestMm > ShortMm ? ShortBows : [])
            {
                Try(Pushed(skin, best, PushMm, bows));
                Try(Pushed(skin, best, -PushMm, bows));
            }
        }

        var fine = Settled(skin, Even(skin, best, settledMm > RoughMm ? ReadLinkMm : ShortLinkMm), settledMm);
        return (fine, AlongMm(skin, fine));

        void Try(IReadOnlyList<SkinPoint> way)
        {
            if (way.Count == 0)
            {
                return;
            }

            var tried = Settled(skin, Even(skin, way, longMm), roughMm, HopelessShare * bestMm);
            if (AlongMm(skin, tried) is var mm && mm < bestMm)
            {
                (best, bestMm) = (tried, mm);
            }
        }
    }

    // The same way pushed aside on the skin, in so many bows from side to side.
    private static SkinPoint[] Pushed(SkinGrid skin, SkinPoint[] chain, double mm, int bows)
    {
        var pushed = (SkinPoint[])chain.Clone();
        for (var k = 1; k < chain.Length - 1; k++)
        {
            var (_, byAzimuth, byHeight) = skin.Evaluate(chain[k]);
            var along = skin.Position(chain[k + 1]) - skin.Position(chain[k - 1]);
            var (a, b) = (byAzimuth.Dot(along), byHeight.Dot(along));
            var aside = b * byAzimuth - a * byHeight;
            // Aside in coordinates, of a length on the skin.
            var by = mm * Math.Sin(bows * Math.PI * k / (chain.Length - 1)) / Math.Max(1e-9, aside.Length);
            pushed[k] = new(chain[k].AzimuthRad + by * b, chain[k].HeightMm - by * a);
        }

        return pushed;
    }

    // As many evenly spaced points on the same way as links of a length need.
    private static SkinPoint[] Even(SkinGrid skin, IReadOnlyList<SkinPoint> way, double linkMm)
    {
        var along = new double[way.Count];
        var last = skin.Position(way[0]);
        for (var k = 1; k < way.Count; k++)
        {
            var next = skin.Position(way[k]);
            (along[k], last) = (along[k - 1] + next.DistanceTo(last), next);
        }

        var links = Math.Clamp((int)Math.Ceiling(along[^1] / linkMm), LeastLinks, MostLinks);
        var chain = new SkinPoint[links + 1];
        (chain[0], chain[links]) = (way[0], way[^1]);
        for (int k = 1, at = 1; k < links; k++)
        {
            var mm = along[^1] * k / links;
            while (along[at] < mm)
            {
                at++;
            }

            var t = along[at] > along[at - 1] ? (mm - along[at - 1]) / (along[at] - along[at - 1]) : 0;
            chain[k] = new(way[at - 1].AzimuthRad + t * (way[at].AzimuthRad - way[at - 1].AzimuthRad), way[at - 1].HeightMm + t * (way[at].HeightMm - way[at - 1].HeightMm));
        }

        return chain;
    }

    private static SkinPoint[] Settled(SkinGrid skin, SkinPoint[] chain, double settledMm, double hopelessMm = double.PositiveInfinity)
    {
        var best = chain;
        var bestLength = double.MaxValue;
        for (var round = 0; round <= Rounds; round++)
        {
            var at = Array.ConvertAll(chain, skin.Evaluate);
            var length = 0.0;
            for (var k = 1; k < at.Length; k++)
            {
                length += at[k].Position.DistanceTo(at[k - 1].Position);
            }

            var settled = Math.Abs(bestLength - length) < settledMm || (round >= HopeRounds && length > hopelessMm);
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

        return best;
    }

    // A chord cuts through what it spans, most of all across the lips; half-way points on the skin take that out.
    private static double AlongMm(SkinGrid skin, SkinPoint[] chain)
    {
        var sum = 0.0;
        var last = skin.Position(chain[0]);
        for (var k = 1; k < chain.Length; k++)
        {
            var middle = skin.Position(new(0.5 * (chain[k - 1].AzimuthRad + chain[k].AzimuthRad), 0.5 * (chain[k - 1].HeightMm + chain[k].HeightMm)));
            var next = skin.Position(chain[k]);
            sum += middle.DistanceTo(last) + next.DistanceTo(middle);
            last = next;
        }

        return sum;
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

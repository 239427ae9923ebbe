namespace Datura.Core.Body;

/// <summary>
/// A coarse net over a skin on which the way of a tape is found roughly but for the whole surface: nodes every few millimetres, each
/// joined to 32 neighbours by the length on the skin, searched by A* (Hart, Nilsson, Raphael 1968). Relaxing alone ends in the nearest
/// of several short ways, which over a nose is up to a tenth too long (measured).
/// </summary>
internal sealed class TapeLattice
{
    // Every fourth row and column, about 4 by 5 mm on the face: a finer net takes longer and finds hardly more (measured on 500 pairs).
    private const int UsualStep = 4;

    // A way beside another keeps this far from it, in nodes, unless that costs by so much more: the net is good to some 5 % where the skin
    // slopes, but exact along its own lines.
    private const int Apart = 2;
    private const float ApartCost = 1.25f;

    // Half the neighbours; the others are the same the other way round.
    private static readonly (int Columns, int Rows)[] Ways =
        [(1, 0), (0, 1), (1, 1), (-1, 1), (2, 1), (1, 2), (-1, 2), (-2, 1), (3, 1), (1, 3), (-1, 3), (-3, 1), (3, 2), (2, 3), (-2, 3), (-3, 2)];

    private readonly SkinGrid skin;
    private readonly int step;
    private readonly int columns;
    private readonly int rows;
    private readonly float[] lengths;
    private readonly Vec3[] places;

    [ThreadStatic]
    private static Search? pooled;

    public TapeLattice(SkinGrid skin)
    {
        this.skin = skin;
        step = skin.Columns % UsualStep == 0 ? UsualStep : 1;
        (columns, rows) = (skin.Columns / step, (skin.Rows + step - 1) / step);
        lengths = new float[columns * rows * Ways.Length];
        places = new Vec3[columns * rows];
        Parallel.For(0, rows, row =>
        {
            for (var column = 0; column < columns; column++)
            {
                places[row * columns + column] = skin.Node(row * step, column * step);
                for (var w = 0; w < Ways.Length; w++)
                {
                    lengths[(row * columns + column) * Ways.Length + w] = row + Ways[w].Rows < rows ? Length(row, column, Ways[w]) : float.PositiveInfinity;
                }
            }
        });
    }

    /// <summary>The shortest way on the net: points from one place to another, ends included, azimuths running on past ±π rather than jumping.</summary>
    /// <param name="mostMm">A way longer than this is not looked for.</param>
    /// <param name="beside">A way to keep away from, so that another one is found if there is one about as short.</param>
    /// <returns>Empty when there is none.</returns>
    public IReadOnlyList<SkinPoint> Way(SkinPoint from, SkinPoint to, double mostMm, IReadOnlyList<SkinPoint>? beside = null)
    {
        var search = pooled is { } p && p.Cost.Length == places.Length ? p : pooled = new(places.Length);
        search.ShunNone();
        foreach (var at in beside ?? [])
        {
            var (row, column) = CellOf(at);
            for (var r = Math.Max(0, row - Apart); r <= Math.Min(rows - 1, row + Apart); r++)
            {
                for (var c = column - Apart; c <= column + Apart; c++)
                {
                    search.Shun(r * columns + (c % columns + columns) % columns);
                }
            }
        }

        var (goal, start) = (skin.Position(to), skin.Position(from));
        search.Begin(places, goal, (float)mostMm);
        foreach (var node in Around(from))
        {
            search.Reach(node, -1, (float)places[node].DistanceTo(start));
        }

        var ends = Around(to).ToArray();
        var (last, best) = (-1, (float)mostMm);
        while (search.Next(out var node, out var least) && least < best)
        {
            if (Array.IndexOf(ends, node) >= 0 && search.Cost[node] + (float)places[node].DistanceTo(goal) is var whole && whole < best)
            {
                (last, best) = (node, whole);
            }

            int row = node / columns, column = node % columns;
            for (var w = 0; w < Ways.Length; w++)
            {
                Go(node, row, column, Ways[w].Rows, Ways[w].Columns, w, forth: true);
                Go(node, row, column, -Ways[w].Rows, -Ways[w].Columns, w, forth: false);
            }
        }

        if (last < 0)
        {
            return [];
        }

        var way = new List<SkinPoint> { to };
        for (var node = last; node >= 0; node = search.From[node])
        {
            way.Add(At(node, way[^1]));
        }

        way.Add(new(Near(from.AzimuthRad, way[^1].AzimuthRad), from.HeightMm));
        way.Reverse();
        return way;

        void Go(int node, int row, int column, int up, int across, int w, bool forth)
        {
            var there = row + up;
            if (there < 0 || there >= rows)
            {
                return;
            }

            var next = there * columns + (column + across + columns) % columns;
            search.Reach(next, node, search.Cost[node] + (search.Shuns(next) ? ApartCost : 1) * lengths[(forth ? node : next) * Ways.Length + w]);
        }
    }

    private SkinPoint At(int node, SkinPoint near) => new(Near(skin.Azimuth(node % columns * step), near.AzimuthRad), skin.Height(node / columns * step));

    private static double Near(double azimuth, double to) => azimuth + 2 * Math.PI * Math.Round((to - azimuth) / (2 * Math.PI));

    // The four nodes round a place.
    private IEnumerable<int> Around(SkinPoint at)
    {
        var (row, column) = CellOf(at);
        return from r in new[] { row, row + 1 } from c in new[] { column, column + 1 } select r * columns + (c % columns + columns) % columns;
    }

    private (int Row, int Column) CellOf(SkinPoint at) => (
        Math.Clamp((int)Math.Floor((at.HeightMm - skin.LowestMm) / skin.StepMm / step), 0, rows - 2), (int)Math.Floor((at.AzimuthRad - skin.Azimuth(0)) / (2 * Math.PI) * columns));

    // Along the skin, by steps of one grid cell.
    private float Length(int row, int column, (int Columns, int Rows) way)
    {
        var pieces = step * Math.Max(Math.Abs(way.Columns), way.Rows) / 2;
        var last = skin.Node(row * step, column * step);
        var sum = 0.0;
        for (var k = 1; k <= pieces; k++)
        {
            var t = (double)k / pieces;
            var next = skin.Node((int)Math.Round((row + t * way.Rows) * step), (int)Math.Round((column + t * way.Columns) * step));
            sum += next.DistanceTo(last);
            last = next;
        }

        return (float)sum;
    }

    // The frontier of one search, kept for the next on the same thread.
    private sealed class Search(int nodes)
    {
        private readonly PriorityQueue<int, float> open = new();
        private readonly int[] seen = new int[nodes];
        private readonly bool[] done = new bool[nodes];
        private readonly int[] shunned = new int[nodes];
        private Vec3[] places = [];
        private Vec3 goal;
        private float mostMm;
        private int round;
        private int shunning;

        public float[] Cost { get; } = new float[nodes];

        public int[] From { get; } = new int[nodes];

        public void ShunNone() => shunning++;

        public void Shun(int node) => shunned[node] = shunning;

        public bool Shuns(int node) => shunned[node] == shunning;

        public void Begin(Vec3[] places, Vec3 goal, float mostMm)
        {
            (this.places, this.goal, this.mostMm) = (places, goal, mostMm);
            open.Clear();
            round++;
        }

        public void Reach(int node, int from, float cost)
        {
            if (seen[node] == round && (done[node] || Cost[node] <= cost))
            {
                return;
            }

            var least = cost + (float)places[node].DistanceTo(goal);
            if (least > mostMm)
            {
                return;
            }

            (seen[node], done[node], Cost[node], From[node]) = (round, false, cost, from);
            open.Enqueue(node, least);
        }

        public bool Next(out int node, out float least)
        {
            while (open.TryDequeue(out node, out least))
            {
                if (!done[node])
                {
                    done[node] = true;
                    return true;
                }
            }

            return false;
        }
    }
}

using Datura.Core.Body;
using MathNet.Numerics.LinearAlgebra;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Prepared;

namespace Datura.Core.Shapes.Transfer;

/// <summary>
/// A patch of skin pressed flat with as little stretch as it allows: triangles turn freely and are held as rigid as their
/// neighbours let them. Source of the method: Liu, Zhang, Xu, Gotsman, Gortler, A local/global approach to mesh
/// parameterization, Computer Graphics Forum 27 (2008) 1495–1504 (as rigid as possible; from memory).
/// </summary>
public sealed class FlatPatch
{
    private const int MostNodes = 700;
    private const double FinestMm = 2.5;
    private const int Rounds = 25;

    // What lies round the figure gives way to it.
    private const double AroundStiffness = 0.05;

    private const double HoldWeight = 1e-6;

    private readonly double stepMm;
    private readonly int columns;
    private readonly double left;
    private readonly double bottom;
    private readonly int[] nodeOf;      // grid place → node, or −1
    private readonly int slitColumn;    // column of the grid along which the card is slit, or −1
    private readonly Dictionary<int, int> acrossSlit = []; // node on the slit → its other copy, which belongs to the cells on the wearer's right
    private readonly ChartPoint[] chart; // per node
    private readonly Vec3[] skin;
    private readonly (int A, int B, int C)[] triangles;
    private readonly double[] stiffness; // per triangle
    private readonly double[] flatX;
    private readonly double[] flatY;

    /// <param name="figure">The figure on the chart that is to come out truest.</param>
    /// <param name="aroundMm">Skin round it that comes along.</param>
    /// <param name="slit">Where the card is cut open upwards or downwards so that it lies flatter; null for a whole card.</param>
    public FlatPatch(FittedBody body, Geometry figure, double aroundMm, Slit? slit = null)
    {
        var area = figure.Buffer(aroundMm, 4);
        var box = area.EnvelopeInternal;
        stepMm = Math.Max(FinestMm, Math.Sqrt(area.Area / (0.8 * MostNodes)));
        var grown = PreparedGeometryFactory.Prepare(area.Buffer(1.5 * stepMm, 3));
        left = box.MinX - 2 * stepMm;
        slitColumn = slit is null ? -1 : (int)Math.Round((slit.XMm - left) / stepMm);
        left += slit is null ? 0 : slit.XMm - left - slitColumn * stepMm;
        bottom = box.MinY - 2 * stepMm;
        columns = (int)Math.Ceiling(box.Width / stepMm) + 5;
        var rows = (int)Math.Ceiling(box.Height / stepMm) + 5;
        nodeOf = new int[columns * rows];
        var nodes = new List<ChartPoint>();
        for (var n = 0; n < nodeOf.Length; n++)
        {
            var at = new ChartPoint(left + n % columns * stepMm, bottom + n / columns * stepMm);
            nodeOf[n] = grown.Contains(new Point(at.XMm, at.YMm)) ? nodes.Count : -1;
            if (nodeOf[n] >= 0)
            {
                nodes.Add(at);
                if (n % columns == slitColumn && slit!.Opens(at.YMm))
                {
                    acrossSlit[nodeOf[n]] = nodes.Count;
                    nodes.Add(at);
                }
            }
        }

        chart = [.. nodes];
        skin = [.. chart.Select(p => body.Faired.Position(body.Chart.ToSkin(p)))];
        triangles = [.. Triangles(rows)];
        var core = PreparedGeometryFactory.Prepare(figure);
        stiffness = [.. triangles.Select(t => core.Contains(Middle(t)) ? 1 : AroundStiffness)];
        (flatX, flatY) = Flattened();
    }

    /// <summary>Where a place of the chart lies on the flat card, mm; x out of the wearer's left, y up.</summary>
    public ChartPoint Flat(ChartPoint at)
    {
        var (u, v) = ((at.XMm - left) / stepMm, (at.YMm - bottom) / stepMm);
        var (i, j) = ((int)Math.Floor(u), (int)Math.Floor(v));
        var (s, t) = (u - i, v - j);
        int N(int di, int dj) => i + di < 0 || i + di >= columns || j + dj < 0 || (j + dj) * columns + i + di >= nodeOf.Length
            ? -1 : nodeOf[(j + dj) * columns + i + di];
        int[] corners = [N(0, 0), RightOf(i, N(1, 0)), N(0, 1), RightOf(i, N(1, 1))];
        if (corners.Any(c => c < 0))
        {
            // Just off the patch: go on from the nearest node as the chart does.
            var near = Enumerable.Range(0, chart.Length).MinBy(k => (chart[k] - at).Length());
            return new ChartPoint(flatX[near], flatY[near]) + (at - chart[near]);
        }

        double Mix(double[] f) => (1 - t) * ((1 - s) * f[corners[0]] + s * f[corners[1]]) + t * ((1 - s) * f[corners[2]] + s * f[corners[3]]);
        return new(Mix(flatX), Mix(flatY));
    }

    // A node on the far edge of a cell; where that edge is the slit, the copy on this side of it.
    private int RightOf(int column, int node) => column + 1 == slitColumn && acrossSlit.TryGetValue(node, out var copy) ? copy : node;

    /// <summary>Whether a place of the chart lies on the patch.</summary>
    public bool Holds(ChartPoint at)
    {
        var (i, j) = ((int)Math.Floor((at.XMm - left) / stepMm), (int)Math.Floor((at.YMm - bottom) / stepMm));
        return i >= 0 && i + 1 < columns && j >= 0 && (j + 1) * columns + i + 1 < nodeOf.Length
            && new[] { 0, 1, columns, columns + 1 }.All(d => nodeOf[j * columns + i + d] >= 0);
    }

    /// <summary>Greatest change of length, in any direction, anywhere under a figure: 0.02 is 2 %.</summary>
    public double MostStretch(Geometry figure)
    {
        var prepared = PreparedGeometryFactory.Prepare(figure);
        return triangles.Where(t => prepared.Contains(Middle(t))).Select(Stretch).DefaultIfEmpty(0).Max();
    }

    private Point Middle((int A, int B, int C) t) =>
        new((chart[t.A].XMm + chart[t.B].XMm + chart[t.C].XMm) / 3, (chart[t.A].YMm + chart[t.B].YMm + chart[t.C].YMm) / 3);

    private IEnumerable<(int, int, int)> Triangles(int rows)
    {
        for (var j = 0; j + 1 < rows; j++)
        {
            for (var i = 0; i + 1 < columns; i++)
            {
                var (a, b, c, d) = (nodeOf[j * columns + i], RightOf(i, nodeOf[j * columns + i + 1]), nodeOf[(j + 1) * columns + i], RightOf(i, nodeOf[(j + 1) * columns + i + 1]));
                // Diagonals alternate, so that the patch favours no direction.
                (int, int, int)[] pair = (i + j) % 2 == 0 ? [(a, b, d), (a, d, c)] : [(a, b, c), (b, d, c)];
                // Beyond the edge of the drawing places fall together; what has no area there is no skin.
                foreach (var t in pair.Where(t => t.Item1 >= 0 && t.Item2 >= 0 && t.Item3 >= 0
                    && (skin[t.Item2] - skin[t.Item1]).Cross(skin[t.Item3] - skin[t.Item1]).Length > 0.05 * stepMm * stepMm))
                {
                    yield return t;
                }
            }
        }
    }

    // The true shape of a triangle, laid in its own plane: a at the origin, b on the x axis.
    private (double Bx, double Cx, double Cy) True((int A, int B, int C) t)
    {
        var (ab, ac) = (skin[t.B] - skin[t.A], skin[t.C] - skin[t.A]);
        var bx = ab.Length;
        var cx = ab.Dot(ac) / bx;
        return (bx, cx, ab.Cross(ac).Length / bx);
    }

    // Jacobian of the map from the true triangle to the flat one.
    private static (double A, double B, double C, double D) Jacobian((double Bx, double Cx, double Cy) t, double bx, double by, double cx, double cy)
    {
        double ux = bx / t.Bx, uy = by / t.Bx;
        return (ux, (cx - ux * t.Cx) / t.Cy, uy, (cy - uy * t.Cx) / t.Cy);
    }

    private double Stretch((int A, int B, int C) t)
    {
        var (a, b, c, d) = Jacobian(True(t), flatX[t.B] - flatX[t.A], flatY[t.B] - flatY[t.A], flatX[t.C] - flatX[t.A], flatY[t.C] - flatY[t.A]);
        double sum = 0.5 * Math.Sqrt((a + d) * (a + d) + (c - b) * (c - b)), difference = 0.5 * Math.Sqrt((a - d) * (a - d) + (c + b) * (c + b));
        return Math.Max(Math.Abs(sum + difference - 1), Math.Abs(sum - difference - 1));
    }

    private (double[], double[]) Flattened()
    {
        var n = chart.Length;
        var x = chart.Select(p => p.XMm).ToArray();
        var y = chart.Select(p => p.YMm).ToArray();
        var shapes = triangles.Select(True).ToArray();
        var cotangents = shapes.Select(s => (A: s.Cx / s.Cy, B: (s.Bx - s.Cx) / s.Cy, C: (s.Cy * s.Cy - s.Cx * (s.Bx - s.Cx)) / (s.Bx * s.Cy))).ToArray();
        var system = Matrix<double>.Build.Dense(n, n);
        for (var k = 0; k < triangles.Length; k++)
        {
            foreach (var (p, q, w) in Edges(triangles[k], cotangents[k], stiffness[k]))
            {
                system[p, p] += w;
                system[q, q] += w;
                system[p, q] -= w;
                system[q, p] -= w;
            }
        }

        // Where the whole lies is free; a weak hold on every node fixes it.
        for (var k = 0; k < n; k++)
        {
            system[k, k] += HoldWeight;
        }

        var solver = system.Cholesky();
        for (var round = 0; round < Rounds; round++)
        {
            var right = Matrix<double>.Build.Dense(n, 2);
            for (var k = 0; k < n; k++)
            {
                (right[k, 0], right[k, 1]) = (HoldWeight * x[k], HoldWeight * y[k]);
            }

            for (var k = 0; k < triangles.Length; k++)
            {
                var t = triangles[k];
                var (a, b, c, d) = Jacobian(shapes[k], x[t.B] - x[t.A], y[t.B] - y[t.A], x[t.C] - x[t.A], y[t.C] - y[t.A]);
                // Nearest rotation to the Jacobian.
                var size = Math.Max(Math.Sqrt((a + d) * (a + d) + (c - b) * (c - b)), 1e-12);
                double cos = (a + d) / size, sin = (c - b) / size;
                (double X, double Y)[] corner = [(0, 0), (shapes[k].Bx, 0), (shapes[k].Cx, shapes[k].Cy)];
                foreach (var (p, q, w) in Edges(t, cotangents[k], stiffness[k]))
                {
                    var (from, to) = (corner[p == t.A ? 0 : p == t.B ? 1 : 2], corner[q == t.A ? 0 : q == t.B ? 1 : 2]);
                    double ex = from.X - to.X, ey = from.Y - to.Y;
                    double rx = w * (cos * ex - sin * ey), ry = w * (sin * ex + cos * ey);
                    right[p, 0] += rx;
                    right[p, 1] += ry;
                    right[q, 0] -= rx;
                    right[q, 1] -= ry;
                }
            }

            var next = solver.Solve(right);
            x = [.. next.Column(0)];
            y = [.. next.Column(1)];
        }

        return (x, y);
    }

    // Each edge with half the cotangent of the angle across from it.
    private static IEnumerable<(int P, int Q, double Weight)> Edges((int A, int B, int C) t, (double A, double B, double C) cotangent, double stiffness) =>
    [
        (t.B, t.C, 0.5 * stiffness * Math.Max(cotangent.A, 0.01)), (t.C, t.A, 0.5 * stiffness * Math.Max(cotangent.B, 0.01)),
        (t.A, t.B, 0.5 * stiffness * Math.Max(cotangent.C, 0.01)),
    ];
}

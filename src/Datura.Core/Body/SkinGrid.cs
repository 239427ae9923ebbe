using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Datura.Core.Body;

/// <summary>
/// A surface of 3D points (mm) over a grid of material coordinates, periodic in azimuth; between the grid's points it is a
/// bicubic (Catmull–Rom) patch, continuous with its first derivative.
/// </summary>
public sealed class SkinGrid
{
    private readonly Vec3[] points;
    private readonly Lazy<TapeLattice> tapes;

    private SkinGrid(Vec3[] points, int columns, int rows, double lowestMm, double stepMm)
    {
        this.points = points;
        tapes = new(() => new(this));
        Columns = columns;
        Rows = rows;
        LowestMm = lowestMm;
        StepMm = stepMm;
    }

    public int Columns { get; }

    public int Rows { get; }

    /// <summary>A coarse net of the skin for finding the way of a tape; made when first asked for.</summary>
    internal TapeLattice Tapes => tapes.Value;

    /// <summary>v of the first row, mm.</summary>
    public double LowestMm { get; }

    /// <summary>v between two rows, mm.</summary>
    public double StepMm { get; }

    public double HighestMm => LowestMm + (Rows - 1) * StepMm;

    /// <summary>A surface from any map of material coordinates to space; used for bodies and for checks on known surfaces.</summary>
    public static SkinGrid From(Func<SkinPoint, Vec3> map, int columns, int rows, double lowestMm, double stepMm)
    {
        var points = new Vec3[columns * rows];
        Parallel.For(0, rows, row =>
        {
            for (var i = 0; i < columns; i++)
            {
                points[row * columns + i] = map(new(Azimuth(i, columns), lowestMm + row * stepMm));
            }
        });
        return new(points, columns, rows, lowestMm, stepMm);
    }

    public static SkinGrid FromCapsule(double[,] radiusMm, double lowestMm, double stepMm)
    {
        int rows = radiusMm.GetLength(0), columns = radiusMm.GetLength(1);
        var points = new Vec3[rows * columns];
        for (var row = 0; row < rows; row++)
        {
            for (var i = 0; i < columns; i++)
            {
                var at = new SkinPoint(Azimuth(i, columns), lowestMm + row * stepMm);
                points[row * columns + i] = CapsuleCoordinates.ToSpace(at, radiusMm[row, i]);
            }
        }

        return new(points, columns, rows, lowestMm, stepMm);
    }

    public double Azimuth(int column) => Azimuth(column, Columns);

    public double Height(int row) => LowestMm + row * StepMm;

    public Vec3 Node(int row, int column) => points[row * Columns + (column % Columns + Columns) % Columns];

    /// <summary>The same grid with every point moved by a weighted sum of fields.</summary>
    public SkinGrid Moved(IReadOnlyList<DisplacementField> fields, IReadOnlyList<double> amounts)
    {
        var moved = new Vec3[points.Length];
        Parallel.For(0, Rows, row =>
        {
            var line = moved.AsSpan(row * Columns, Columns);
            points.AsSpan(row * Columns, Columns).CopyTo(line);
            for (var k = 0; k < fields.Count; k++)
            {
                var (field, amount) = (fields[k], amounts[k]);
                if (amount == 0 || row < field.FirstRow || row >= field.EndRow)
                {
                    continue;
                }

                var push = field.AtNodes.AsSpan((row - field.FirstRow) * Columns, Columns);
                for (var i = 0; i < line.Length; i++)
                {
                    line[i] += amount * push[i];
                }
            }
        });
        return new(moved, Columns, Rows, LowestMm, StepMm);
    }

    /// <summary>The same grid with points drawn towards the mean of their column, by a share that depends on the place.</summary>
    public SkinGrid Eased(Func<SkinPoint, double> share, int halfRows)
    {
        var eased = (Vec3[])points.Clone();
        for (var row = halfRows; row < Rows - halfRows; row++)
        {
            for (var i = 0; i < Columns; i++)
            {
                var s = share(new(Azimuth(i), Height(row)));
                if (s > 0)
                {
                    Vec3 sum = default;
                    var weights = 0.0;
                    for (var k = -halfRows; k <= halfRows; k++)
                    {
                        var weight = halfRows + 1 - Math.Abs(k);
                        sum += weight * Node(row + k, i);
                        weights += weight;
                    }

                    eased[row * Columns + i] = (1 - s) * Node(row, i) + s / weights * sum;
                }
            }
        }

        return new(eased, Columns, Rows, LowestMm, StepMm);
    }

    /// <summary>The same grid with every point lifted along its normal by a height in mm.</summary>
    public SkinGrid Raised(Func<SkinPoint, double> heightMm)
    {
        var raised = new Vec3[points.Length];
        Parallel.For(0, Rows, row =>
        {
            for (var i = 0; i < Columns; i++)
            {
                raised[row * Columns + i] =
                    Node(row, i) + heightMm(new(Azimuth(i), Height(row))) * NodeNormal(row, i);
            }
        });
        return new(raised, Columns, Rows, LowestMm, StepMm);
    }

    /// <summary>The same grid with every point moved along its row, mm; positive moves both sides backwards.</summary>
    public SkinGrid Shifted(Func<SkinPoint, double> backMm)
    {
        var shifted = (Vec3[])points.Clone();
        Parallel.For(0, Rows, row =>
        {
            for (var i = 0; i < Columns; i++)
            {
                var mm = backMm(new(Azimuth(i), Height(row)));
                if (mm != 0)
                {
                    shifted[row * Columns + i] += Math.Sign(Azimuth(i)) * mm * (Node(row, i + 1) - Node(row, i - 1)).Unit();
                }
            }
        });
        return new(shifted, Columns, Rows, LowestMm, StepMm);
    }

    /// <summary>The displacement that lifts every node along its normal by a height in mm.</summary>
    public DisplacementField Lift(Func<SkinPoint, double> heightMm)
    {
        var all = new Vec3[points.Length];
        Parallel.For(0, Rows, row =>
        {
            for (var i = 0; i < Columns; i++)
            {
                all[row * Columns + i] = heightMm(new(Azimuth(i), Height(row))) * NodeNormal(row, i);
            }
        });
        return new(0, Rows, all);
    }

    /// <summary>A displacement at every node, kept only for the rows it touches.</summary>
    public DisplacementField Field(Func<Vec3, Vec3> displacement)
    {
        var all = points.AsParallel().AsOrdered().Select(displacement).ToArray();
        bool Still(int row) => all.AsSpan(row * Columns, Columns).IndexOfAnyExcept(default(Vec3)) < 0;
        var first = Enumerable.Range(0, Rows).FirstOrDefault(r => !Still(r), Rows);
        var end = Enumerable.Range(0, Rows).LastOrDefault(r => !Still(r), first - 1) + 1;
        return new(first, end, all[(first * Columns)..(end * Columns)]);
    }

    /// <summary>Outward unit normal at a node, from its neighbours.</summary>
    public Vec3 NodeNormal(int row, int column)
    {
        var across = Node(row, column + 1) - Node(row, column - 1);
        var up = Node(Math.Min(row + 1, Rows - 1), column) - Node(Math.Max(row - 1, 0), column);
        var n = across.Cross(up);
        return n.Length > 1e-12 ? n.Unit() : new(0, 1, 0);
    }

    /// <summary>Position alone; the most asked for, so it leaves the derivatives out (measured: half the time).</summary>
    public Vec3 Position(SkinPoint at)
    {
        var (i, j, s, t) = CellOf(at);
        var (u, v) = (CubicWeights.Of(s), CubicWeights.Of(t));
        if (IsInner(i, j))
        {
            var p = Vector256<double>.Zero;
            for (var b = 0; b < 4; b++)
            {
                p += v[b] * Sum(NodesFrom(j + b - 1, i - 1), u);
            }

            return Of(p);
        }

        Vec3 rim = default;
        for (var b = 0; b < 4; b++)
        {
            for (var a = 0; a < 4; a++)
            {
                rim += v[b] * u[a] * RowExtended(j + b - 1, i + a - 1);
            }
        }

        return rim;
    }

    /// <summary>Outward unit normal.</summary>
    public Vec3 Normal(SkinPoint at)
    {
        var (_, byAzimuth, byHeight) = Evaluate(at);
        return byAzimuth.Cross(byHeight).Unit();
    }

    /// <summary>mm² of skin per (radian × mm of v).</summary>
    public double AreaDensity(SkinPoint at)
    {
        var (_, byAzimuth, byHeight) = Evaluate(at);
        return byAzimuth.Cross(byHeight).Length;
    }

    /// <summary>Position with its derivatives by azimuth (mm per radian) and by height (mm per mm).</summary>
    public (Vec3 Position, Vec3 ByAzimuth, Vec3 ByHeight) Evaluate(SkinPoint at)
    {
        var (i, j, s, t) = CellOf(at);
        var (u, v, du, dv) = (CubicWeights.Of(s), CubicWeights.Of(t), CubicWeights.SlopesOf(s), CubicWeights.SlopesOf(t));
        var (byAzimuth, byHeight) = (Columns / (2 * Math.PI), 1 / StepMm);
        if (IsInner(i, j))
        {
            var (p, pu, pv) = (Vector256<double>.Zero, Vector256<double>.Zero, Vector256<double>.Zero);
            for (var b = 0; b < 4; b++)
            {
                var nodes = NodesFrom(j + b - 1, i - 1);
                var line = Sum(nodes, u);
                p += v[b] * line;
                pu += v[b] * Sum(nodes, du);
                pv += dv[b] * line;
            }

            return (Of(p), byAzimuth * Of(pu), byHeight * Of(pv));
        }

        Vec3 at0 = default, across = default, up = default;
        for (var b = 0; b < 4; b++)
        {
            for (var a = 0; a < 4; a++)
            {
                var node = RowExtended(j + b - 1, i + a - 1);
                at0 += v[b] * u[a] * node;
                across += v[b] * du[a] * node;
                up += dv[b] * u[a] * node;
            }
        }

        return (at0, byAzimuth * across, byHeight * up);
    }

    // Whether the sixteen nodes of a cell lie in the grid without going round, and one coordinate can be read past the last of them.
    private bool IsInner(int column, int row) => column >= 1 && column + 2 < Columns && row >= 1 && row + 3 < Rows;

    // A node's coordinates at once, and the next one's first, which is nothing to it: reckoned one by one a tape takes half as long again (measured).
    private (Vector256<double> A, Vector256<double> B, Vector256<double> C, Vector256<double> D) NodesFrom(int row, int column)
    {
        ref var first = ref Unsafe.As<Vec3, double>(ref points[row * Columns + column]);
        return (Vector256.LoadUnsafe(ref first), Vector256.LoadUnsafe(ref first, 3), Vector256.LoadUnsafe(ref first, 6), Vector256.LoadUnsafe(ref first, 9));
    }

    private static Vector256<double> Sum((Vector256<double> A, Vector256<double> B, Vector256<double> C, Vector256<double> D) nodes, CubicWeights w) =>
        w.A * nodes.A + w.B * nodes.B + (w.C * nodes.C + w.D * nodes.D);

    private static Vec3 Of(Vector256<double> place) => new(place[0], place[1], place[2]);

    // Beyond the first and last row the surface goes on straight, so that the patch there keeps its slope.
    private Vec3 RowExtended(int row, int column) => row < 0
        ? 2 * Node(0, column) - Node(1, column)
        : row >= Rows ? 2 * Node(Rows - 1, column) - Node(Rows - 2, column) : Node(row, column);

    private static double Azimuth(int column, int columns) => -Math.PI + 2 * Math.PI * column / columns;

    private (int Column, int Row, double Across, double Up) CellOf(SkinPoint at)
    {
        var across = (at.AzimuthRad + Math.PI) / (2 * Math.PI) * Columns;
        var up = Math.Clamp((at.HeightMm - LowestMm) / StepMm, 0, Rows - 1);
        var i = (int)Math.Floor(across);
        var j = Math.Min((int)up, Rows - 2);
        return (i, j, across - i, up - j);
    }
}

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

    /// <summary>Position alone; the most asked for, so it leaves the derivatives out and steps through the nodes (measured: a third of the time).</summary>
    public Vec3 Position(SkinPoint at)
    {
        var (i, j, s, t) = CellOf(at);
        Span<double> wu = stackalloc double[4], wv = stackalloc double[4];
        Weights(s, wu);
        Weights(t, wv);
        Vec3 p = default;
        if (i >= 1 && i + 2 < Columns && j >= 1 && j + 2 < Rows)
        {
            for (var b = 0; b < 4; b++)
            {
                var line = points.AsSpan((j + b - 1) * Columns + i - 1, 4);
                p += wv[b] * (wu[0] * line[0] + wu[1] * line[1] + wu[2] * line[2] + wu[3] * line[3]);
            }

            return p;
        }

        for (var b = 0; b < 4; b++)
        {
            for (var a = 0; a < 4; a++)
            {
                p += wv[b] * wu[a] * RowExtended(j + b - 1, i + a - 1);
            }
        }

        return p;
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
        Span<double> wu = stackalloc double[4], du = stackalloc double[4], wv = stackalloc double[4], dv = stackalloc double[4];
        Weights(s, wu);
        Slopes(s, du);
        Weights(t, wv);
        Slopes(t, dv);
        Vec3 p = default, pu = default, pv = default;
        var inner = i >= 1 && i + 2 < Columns && j >= 1 && j + 2 < Rows;
        Span<Vec3> nodes = stackalloc Vec3[4];
        for (var b = 0; b < 4; b++)
        {
            if (inner)
            {
                points.AsSpan((j + b - 1) * Columns + i - 1, 4).CopyTo(nodes);
            }
            else
            {
                for (var a = 0; a < 4; a++)
                {
                    nodes[a] = RowExtended(j + b - 1, i + a - 1);
                }
            }

            Vec3 line = default, slope = default;
            for (var a = 0; a < 4; a++)
            {
                line += wu[a] * nodes[a];
                slope += du[a] * nodes[a];
            }

            p += wv[b] * line;
            pu += wv[b] * slope;
            pv += dv[b] * line;
        }

        return (p, Columns / (2 * Math.PI) * pu, 1 / StepMm * pv);
    }

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

    private static void Weights(double t, Span<double> w)
    {
        double t2 = t * t, t3 = t2 * t;
        w[0] = 0.5 * (-t3 + 2 * t2 - t);
        w[1] = 0.5 * (3 * t3 - 5 * t2 + 2);
        w[2] = 0.5 * (-3 * t3 + 4 * t2 + t);
        w[3] = 0.5 * (t3 - t2);
    }

    private static void Slopes(double t, Span<double> d)
    {
        var t2 = t * t;
        d[0] = 0.5 * (-3 * t2 + 4 * t - 1);
        d[1] = 0.5 * (9 * t2 - 10 * t);
        d[2] = 0.5 * (-9 * t2 + 8 * t + 1);
        d[3] = 0.5 * (3 * t2 - 2 * t);
    }
}

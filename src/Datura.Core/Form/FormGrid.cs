using System.Numerics;
using System.Runtime.CompilerServices;
using Datura.Core.Body;

namespace Datura.Core.Form;

/// <summary>
/// The skin of front and sides as cells of a paint picture's window: which way each faces, and how heights over it tilt it. The
/// skin is smoothed over about 7 mm first: lids and nostrils would make noise that no sponge can paint.
/// </summary>
public sealed class FormGrid
{
    /// <summary>Cells across a whole window: 0.7 mm each.</summary>
    public const int FinePixels = 768;

    /// <summary>Cells while a lamp is dragged: 2.8 mm each.</summary>
    public const int CoarsePixels = 192;

    private const double HalfWidthMm = 198;
    private const double LowestMm = -370;

    // The skin is looked up on nodes this far apart and is smooth between them.
    private const double NodeMm = 3;
    private const int SmoothPasses = 3;

    private static readonly ConditionalWeakTable<FittedBody, Dictionary<int, WeakReference<FormGrid>>> Kept = [];

    private readonly Lazy<Zone[]> zones;

    private FormGrid(Func<ChartPoint, Vec3> position, Vec3 front, Func<ChartPoint, Zone> zone, int pixels)
    {
        Window = new(pixels);
        Left = (int)Window.ColumnOf(-HalfWidthMm);
        Width = (int)Math.Ceiling(Window.ColumnOf(HalfWidthMm)) - Left;
        Height = (int)Math.Ceiling(Window.RowOf(LowestMm));
        var count = Width * Height;
        (Normal, AlongX, AlongY, Place, AreaMm2) = (new Vector3[count], new Vector3[count], new Vector3[count], new Vector3[count], new float[count]);
        Front = front;
        Fill(position);
        zones = new(() => ZonesOf(zone));
    }

    public ChartWindow Window { get; }

    /// <summary>First column of the window that belongs to the grid; its first row is the window's.</summary>
    public int Left { get; }

    public int Width { get; }

    public int Height { get; }

    public double CellMm => Window.MmPerPixel;

    /// <summary>Outward unit normal per cell. Single precision halves what has to be fetched.</summary>
    public Vector3[] Normal { get; }

    /// <summary>What a height's change per mm of chart across adds to the slope on the skin.</summary>
    public Vector3[] AlongX { get; }

    /// <summary>The same per mm of chart upwards.</summary>
    public Vector3[] AlongY { get; }

    /// <summary>Where each cell lies, mm.</summary>
    public Vector3[] Place { get; }

    /// <summary>Root of the nose, from where the distance of a lamp counts.</summary>
    public Vec3 Front { get; }

    /// <summary>Zone of each cell.</summary>
    public IReadOnlyList<Zone> ZoneOf => zones.Value;

    /// <summary>Skin under each cell.</summary>
    public float[] AreaMm2 { get; }

    /// <summary>
    /// Grid of a body, made once for each resolution as long as somebody uses it: a fine one takes 20 MB, nearly as much as the body itself
    /// (measured), and a body outlives most looks with a form.
    /// </summary>
    public static FormGrid Of(FittedBody body, int pixels = FinePixels)
    {
        var known = Kept.GetOrCreateValue(body);
        lock (known)
        {
            if (known.TryGetValue(pixels, out var kept) && kept.TryGetTarget(out var grid))
            {
                return grid;
            }

            grid = new(body.Chart.Position, body.Chart.Position(body.At(Landmark.Sellion)), body.ZoneAt, pixels);
            known[pixels] = new(grid);
            return grid;
        }
    }

    /// <summary>Grid of a surface given by a formula, for laws that are known in closed form.</summary>
    internal static FormGrid OfSurface(Func<ChartPoint, Vec3> position, int pixels) => new(position, position(new(0, 0)), _ => Zone.Forehead, pixels);

    public ChartPoint Middle(int row, int column) => new(Window.XOfColumn(Left + column + 0.5), Window.YOfRow(row + 0.5));

    /// <summary>Cell of a place, or −1 beyond the grid.</summary>
    public int CellAt(ChartPoint at)
    {
        int column = (int)Math.Floor(Window.ColumnOf(at.XMm)) - Left, row = (int)Math.Floor(Window.RowOf(at.YMm));
        return column < 0 || row < 0 || column >= Width || row >= Height ? -1 : row * Width + column;
    }

    /// <summary>In which direction of the chart a lamp lies, seen from a cell; upwards beyond the grid.</summary>
    /// <param name="towards">Unit direction to the lamp.</param>
    public ChartPoint LampAlong(int cell, Vec3 towards) =>
        cell < 0 ? new(0, 1) : new(Vector3.Dot(towards.Single(), AlongX[cell]), Vector3.Dot(towards.Single(), AlongY[cell]));

    private Zone[] ZonesOf(Func<ChartPoint, Zone> zone)
    {
        var result = new Zone[Width * Height];
        Parallel.For(0, Height, row =>
        {
            for (var column = 0; column < Width; column++)
            {
                result[row * Width + column] = zone(Middle(row, column));
            }
        });
        return result;
    }

    private void Fill(Func<ChartPoint, Vec3> position)
    {
        var columns = (int)Math.Ceiling(2 * HalfWidthMm / NodeMm) + 3;
        var rows = (int)Math.Ceiling((ChartWindow.TopMm - LowestMm) / NodeMm) + 3;
        ChartPoint At(int j, int i) => new(-HalfWidthMm + (i - 1) * NodeMm, ChartWindow.TopMm - (j - 1) * NodeMm);
        var place = new Vec3[rows * columns];
        Parallel.For(0, rows, j =>
        {
            for (var i = 0; i < columns; i++)
            {
                place[j * columns + i] = position(At(j, i));
            }
        });
        for (var pass = 0; pass < SmoothPasses; pass++)
        {
            place = Smoothed(place, columns, rows);
        }

        var (normal, alongX, alongY, area) = (new Vec3[place.Length], new Vec3[place.Length], new Vec3[place.Length], new double[place.Length]);
        for (var j = 0; j < rows; j++)
        {
            for (var i = 0; i < columns; i++)
            {
                Vec3 N(int b, int a) => place[Math.Clamp(b, 0, rows - 1) * columns + Math.Clamp(a, 0, columns - 1)];
                var x = 1 / (2 * NodeMm) * (N(j, i + 1) - N(j, i - 1));
                var y = 1 / (2 * NodeMm) * (N(j - 1, i) - N(j + 1, i));
                var n = j * columns + i;
                var across = x.Cross(y);
                (normal[n], area[n]) = (across.Length > 1e-9 ? across.Unit() : new(0, 0, 1), across.Length);
                // The slope g of a height with g·x and g·y given.
                double xx = x.Dot(x), xy = x.Dot(y), yy = y.Dot(y), det = Math.Max(xx * yy - xy * xy, 1e-6);
                alongX[n] = 1 / det * (yy * x - xy * y);
                alongY[n] = 1 / det * (xx * y - xy * x);
            }
        }

        Parallel.For(0, Height, row =>
        {
            for (var column = 0; column < Width; column++)
            {
                var at = Middle(row, column);
                double u = (at.XMm + HalfWidthMm) / NodeMm + 1, v = (ChartWindow.TopMm - at.YMm) / NodeMm + 1;
                int i = Math.Clamp((int)u, 0, columns - 2), j = Math.Clamp((int)v, 0, rows - 2);
                double s = u - i, t = v - j;
                Vec3 Mix(Vec3[] f) => (1 - t) * ((1 - s) * f[j * columns + i] + s * f[j * columns + i + 1]) + t * ((1 - s) * f[(j + 1) * columns + i] + s * f[(j + 1) * columns + i + 1]);
                var n = row * Width + column;
                Normal[n] = Mix(normal).Unit().Single();
                AlongX[n] = Mix(alongX).Single();
                AlongY[n] = Mix(alongY).Single();
                Place[n] = Mix(place).Single();
                AreaMm2[n] = (float)(area[j * columns + i] * CellMm * CellMm);
            }
        });
    }

    // One, two, one along both directions.
    private static Vec3[] Smoothed(Vec3[] place, int columns, int rows)
    {
        var result = new Vec3[place.Length];
        for (var j = 0; j < rows; j++)
        {
            for (var i = 0; i < columns; i++)
            {
                Vec3 sum = default;
                for (var b = -1; b <= 1; b++)
                {
                    for (var a = -1; a <= 1; a++)
                    {
                        sum += (2 - Math.Abs(a)) * (2 - Math.Abs(b)) / 16.0 * place[Math.Clamp(j + b, 0, rows - 1) * columns + Math.Clamp(i + a, 0, columns - 1)];
                    }
                }

                result[j * columns + i] = sum;
            }
        }

        return result;
    }
}

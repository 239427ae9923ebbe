namespace Datura.Core.Paint.Unevenness;

/// <summary>
/// A square of noise that repeats over the chart, half a millimetre a cell, in eight steps that are equally common: so whatever is
/// laid by it keeps its mean.
/// </summary>
public sealed class GrainTile
{
    public const int Steps = 8;

    /// <summary>Cells a side; a power of two.</summary>
    public const int Cells = 256;

    public const double CellsPerMm = 2;

    /// <summary>Mean of a normal distribution within each of its eighths (Abramowitz and Stegun 26.2, reckoned).</summary>
    public static IReadOnlyList<double> Deviations { get; } = [-1.6468, -0.8954, -0.4914, -0.1578, 0.1578, 0.4914, 0.8954, 1.6468];

    private readonly byte[] step;

    private GrainTile(byte[] step) => this.step = step;

    /// <summary>Spots of about a millimetre, as a sponge leaves them.</summary>
    public static GrainTile Stipple { get; } = Of(1, 1, 11);

    /// <summary>Long and narrow, along the first coordinate.</summary>
    public static GrainTile Bristle { get; } = Of(18, 0.6, 12);

    /// <summary>Longer and broader than bristle marks.</summary>
    public static GrainTile Streak { get; } = Of(30, 3, 13);

    /// <summary>Single grains.</summary>
    public static GrainTile Flakes { get; } = Of(0, 0, 14);

    /// <summary>Step at a place, cells.</summary>
    public int At(int column, int row) => step[(row & (Cells - 1)) * Cells + (column & (Cells - 1))];

    // White noise averaged along and across, then ranked into equal eighths.
    private static GrainTile Of(double alongCells, double acrossCells, ulong seed)
    {
        var random = new SeededRandom(seed);
        var noise = Enumerable.Range(0, Cells * Cells).Select(_ => random.Either() + random.Either() + random.Either()).ToArray();
        noise = Blurred(noise, alongCells, 1);
        noise = Blurred(noise, acrossCells, Cells);
        var order = Enumerable.Range(0, noise.Length).OrderBy(n => noise[n]).ToArray();
        var step = new byte[noise.Length];
        for (var rank = 0; rank < order.Length; rank++)
        {
            step[order[rank]] = (byte)(rank * Steps / order.Length);
        }

        return new(step);
    }

    // A bell of that width, wrapped at the edges.
    private static double[] Blurred(double[] noise, double cells, int stride)
    {
        if (cells <= 0)
        {
            return noise;
        }

        var reach = (int)Math.Ceiling(2.5 * cells);
        double[] bell = [.. Enumerable.Range(-reach, 2 * reach + 1).Select(k => Math.Exp(-0.5 * k * k / (cells * cells)))];
        var result = new double[noise.Length];
        for (var n = 0; n < noise.Length; n++)
        {
            var (row, column) = (n / Cells, n % Cells);
            for (var k = -reach; k <= reach; k++)
            {
                var at = stride == 1 ? row * Cells + ((column + k) & (Cells - 1)) : ((row + k) & (Cells - 1)) * Cells + column;
                result[n] += bell[k + reach] * noise[at];
            }
        }

        return result;
    }
}

using System.Runtime.Intrinsics;

namespace Datura.Core.Paint.Unevenness;

/// <summary>Where the crisp rim of a wet stroke lies: paint is carried to the edge as it dries, at the cost of what is just inside.</summary>
internal static class Rims
{
    // Pixels from the edge to the inner side of a rim.
    private const int Reach = 2;

    public const byte None = 0;
    public const byte Inside = 1;
    public const byte On = 2;

    /// <summary>Marks the rim of a coat, and takes away the rims it covers.</summary>
    /// <param name="insideLevel">From this level on a pixel belongs to the figure itself.</param>
    public static void Mark(byte[] rim, int pixels, CoverageMap map, bool hasRim, int insideLevel)
    {
        var least = Vector256.Create((byte)insideLevel);
        for (var y = 0; y < map.Height; y++)
        {
            var row = rim.AsSpan((map.Top + y) * pixels + map.Left, map.Width);
            for (var x = 0; x < map.Width;)
            {
                // Most pixels lie deep inside, where there is no rim, or outside (measured: the rims of a face in a fifth of the time, 32 pixels at once).
                if (x >= Reach && x + Reach + Vector256<byte>.Count <= map.Width && y >= Reach && y + Reach < map.Height)
                {
                    if (!Vector256.GreaterThanOrEqualAny(At(map, x, y), least))
                    {
                        x += Vector256<byte>.Count;
                        continue;
                    }

                    if (Vector256.GreaterThanOrEqualAll(LeastAround(map, x, y), least))
                    {
                        row.Slice(x, Vector256<byte>.Count).Clear();
                        x += Vector256<byte>.Count;
                        continue;
                    }
                }

                var to = Math.Min(map.Width, x + Vector256<byte>.Count);
                for (; x < to; x++)
                {
                    if (map.Level[y * map.Width + x] >= insideLevel)
                    {
                        row[x] = hasRim ? Kind(map, x, y, insideLevel) : None;
                    }
                }
            }
        }
    }

    private static Vector256<byte> At(CoverageMap map, int x, int y) => Vector256.LoadUnsafe(ref map.Level[0], (nuint)(y * map.Width + x));

    // Of 32 pixels and what lies up to two away from each.
    private static Vector256<byte> LeastAround(CoverageMap map, int x, int y)
    {
        var least = At(map, x, y);
        for (var k = 1; k <= Reach; k++)
        {
            least = Vector256.Min(least, Vector256.Min(Vector256.Min(At(map, x - k, y), At(map, x + k, y)), Vector256.Min(At(map, x, y - k), At(map, x, y + k))));
        }

        return least;
    }

    private static byte Kind(CoverageMap map, int x, int y, int insideLevel) => !All(map, x, y, 1, insideLevel) ? On : !All(map, x, y, 2, insideLevel) ? Inside : None;

    private static bool All(CoverageMap map, int x, int y, int reach, int level) =>
        Has(map, x - reach, y, level) && Has(map, x + reach, y, level) && Has(map, x, y - reach, level) && Has(map, x, y + reach, level);

    private static bool Has(CoverageMap map, int x, int y, int level) => x >= 0 && y >= 0 && x < map.Width && y < map.Height && map.Level[y * map.Width + x] >= level;
}

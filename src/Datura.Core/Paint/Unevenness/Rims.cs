namespace Datura.Core.Paint.Unevenness;

/// <summary>Where the crisp rim of a wet stroke lies: paint is carried to the edge as it dries, at the cost of what is just inside.</summary>
internal static class Rims
{
    public const byte None = 0;
    public const byte Inside = 1;
    public const byte On = 2;

    /// <summary>Marks the rim of a coat, and takes away the rims it covers.</summary>
    /// <param name="insideLevel">From this level on a pixel belongs to the figure itself.</param>
    public static void Mark(byte[] rim, int pixels, CoverageMap map, bool hasRim, int insideLevel)
    {
        for (var y = 0; y < map.Height; y++)
        {
            for (var x = 0; x < map.Width; x++)
            {
                if (map.Level[y * map.Width + x] >= insideLevel)
                {
                    rim[(map.Top + y) * pixels + map.Left + x] = hasRim ? Kind(map, x, y, insideLevel) : None;
                }
            }
        }
    }

    private static byte Kind(CoverageMap map, int x, int y, int insideLevel) => !All(map, x, y, 1, insideLevel) ? On : !All(map, x, y, 2, insideLevel) ? Inside : None;

    private static bool All(CoverageMap map, int x, int y, int reach, int level) =>
        Has(map, x - reach, y, level) && Has(map, x + reach, y, level) && Has(map, x, y - reach, level) && Has(map, x, y + reach, level);

    private static bool Has(CoverageMap map, int x, int y, int level) => x >= 0 && y >= 0 && x < map.Width && y < map.Height && map.Level[y * map.Width + x] >= level;
}

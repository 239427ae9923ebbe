using System.Numerics;

namespace Datura.Core.Form;

/// <summary>How much light every cell of a relief gets: slope, cast shadow and occlusion.</summary>
public static class LitSkin
{
    // Of a hollow this wide the depth decides how much of the sky is seen from its floor.
    private const float HollowRadiusMm = 9;

    private readonly record struct Source(Vector3 Towards, Vector3? At, float Sin, float Level, float FarMm);

    /// <param name="only">Cells that are asked for; all when left out.</param>
    /// <returns>Irradiance per cell; 1 is a surface that faces the only lamp. 0 where it was not asked for.</returns>
    public static float[] Of(Relief relief, FaceLight light, bool[]? only = null)
    {
        light.Check();
        var grid = relief.Grid;
        var total = light.Lamps.Sum(l => l.Level);
        var sources = light.Lamps.Where(l => l.Level > 0).Select(l => SourceOf(l, total, grid)).ToArray();
        var (ambient, direct) = ((float)light.Ambient, (float)(1 - light.Ambient));
        var result = new float[grid.Width * grid.Height];
        var flat = relief.IsFlat;
        var around = flat ? [] : BoxFilter.Box(relief.Mm, grid.Width, grid.Height, Math.Max(1, (int)Math.Round(HollowRadiusMm / grid.CellMm)), passes: 2);
        var shadows = flat ? null : new CastShadow(relief);
        Parallel.For(0, grid.Height, row =>
        {
            for (var column = 0; column < grid.Width; column++)
            {
                var n = row * grid.Width + column;
                if (only is not null && !only[n])
                {
                    continue;
                }

                var (normal, sky) = flat ? (grid.Normal[n], 1f) : (Tilted(relief, row, column), Sky(around[n] - relief.Mm[n]));
                var sum = 0f;
                foreach (var source in sources)
                {
                    var (towards, level) = source.At is { } at ? Near(at, grid.Place[n], source) : (source.Towards, source.Level);
                    var lit = Irradiance.Fall(Vector3.Dot(normal, towards), source.Sin);
                    sum += lit <= 0 ? 0 : level * lit * (shadows?.Open(row, column, towards, source.Sin) ?? 1);
                }

                result[n] = direct * sum + ambient * sky;
            }
        });
        return result;
    }

    /// <summary>Share of the sky seen from the floor of a round pit: R²/(R² + d²), cosine counted in.</summary>
    internal static float Sky(float depthMm) => depthMm <= 0 ? 1 : HollowRadiusMm * HollowRadiusMm / (HollowRadiusMm * HollowRadiusMm + depthMm * depthMm);

    /// <summary>The skin's normal tilted by the slope of the heights over it.</summary>
    internal static Vector3 Tilted(Relief relief, int row, int column)
    {
        var (grid, mm) = (relief.Grid, relief.Mm);
        var (n, over) = (row * grid.Width + column, 1 / (2 * (float)grid.CellMm));
        var byX = over * (mm[column + 1 < grid.Width ? n + 1 : n] - mm[column > 0 ? n - 1 : n]);
        var byY = over * (mm[row > 0 ? n - grid.Width : n] - mm[row + 1 < grid.Height ? n + grid.Width : n]);
        return byX == 0 && byY == 0 ? grid.Normal[n] : Vector3.Normalize(grid.Normal[n] - byX * grid.AlongX[n] - byY * grid.AlongY[n]);
    }

    private static Source SourceOf(LampPlace lamp, double total, FormGrid grid) => new(
        lamp.Towards.Single(), lamp.DistanceM is { } metres ? (grid.Front + 1000 * metres * lamp.Towards).Single() : null,
        (float)Math.Sin(lamp.SpreadDeg * Math.PI / 180), (float)(lamp.Level / total), (float)(1000 * (lamp.DistanceM ?? 0)));

    // A lamp's level is the one at the root of the nose; nearer to it there is more (inverse square law).
    private static (Vector3 Towards, float Level) Near(Vector3 at, Vector3 place, Source source)
    {
        var way = at - place;
        var square = way.LengthSquared();
        return (way / MathF.Sqrt(square), source.Level * (float)Irradiance.AtDistance(MathF.Sqrt(square) / 1000, source.FarMm / 1000));
    }
}

using Datura.Core.Body;

namespace Datura.Core.Form;

/// <summary>How much light every cell of a relief gets: slope, cast shadow and occlusion.</summary>
public static class LitSkin
{
    // Of a hollow this wide the depth decides how much of the sky is seen from its floor.
    private const double HollowRadiusMm = 9;

    // Shadows are followed over the skin in steps of about a cell, as far as the highest relief can throw them.
    private const double FarthestShadowMm = 45;

    /// <returns>Irradiance per cell; 1 is a surface that faces the only lamp.</returns>
    public static float[] Of(Relief relief, FaceLight light)
    {
        light.Check();
        var grid = relief.Grid;
        var lamps = light.Lamps.Where(l => l.Level > 0).Select(l => (l.Towards, l.SpreadDeg, l.Level)).ToArray();
        var total = lamps.Sum(l => l.Level);
        var result = new float[grid.Width * grid.Height];
        var flat = relief.IsFlat;
        var around = flat ? [] : Averages.Box(relief.Mm, grid.Width, grid.Height, Math.Max(1, (int)Math.Round(HollowRadiusMm / grid.CellMm)), passes: 2);
        var highest = flat ? 0 : relief.Mm.Max();
        Parallel.For(0, grid.Height, row =>
        {
            for (var column = 0; column < grid.Width; column++)
            {
                var n = row * grid.Width + column;
                var (normal, sky) = flat ? (grid.Normal[n], 1.0) : (Tilted(relief, row, column), Sky(around[n] - relief.Mm[n]));
                var direct = 0.0;
                foreach (var (towards, spread, level) in lamps)
                {
                    var lit = Irradiance.OfLamp(normal.Dot(towards), spread);
                    direct += lit <= 0 ? 0 : level / total * lit * (flat ? 1 : Unshadowed(relief, row, column, towards, spread, highest));
                }

                result[n] = (float)((1 - light.Ambient) * direct + light.Ambient * sky);
            }
        });
        return result;
    }

    /// <summary>Share of the sky seen from the floor of a round pit: R²/(R² + d²), cosine counted in.</summary>
    internal static double Sky(double depthMm) => depthMm <= 0 ? 1 : HollowRadiusMm * HollowRadiusMm / (HollowRadiusMm * HollowRadiusMm + depthMm * depthMm);

    /// <summary>The skin's normal tilted by the slope of the heights over it.</summary>
    internal static Vec3 Tilted(Relief relief, int row, int column)
    {
        var grid = relief.Grid;
        float H(int j, int i) => relief.Mm[Math.Clamp(j, 0, grid.Height - 1) * grid.Width + Math.Clamp(i, 0, grid.Width - 1)];
        var n = row * grid.Width + column;
        double byX = (H(row, column + 1) - H(row, column - 1)) / (2 * grid.CellMm), byY = (H(row - 1, column) - H(row + 1, column)) / (2 * grid.CellMm);
        return byX == 0 && byY == 0 ? grid.Normal[n] : (grid.Normal[n] - byX * grid.AlongX[n] - byY * grid.AlongY[n]).Unit();
    }

    // Whether something of the relief stands between the cell and the lamp, 0 to 1; the head itself shades by its slope alone.
    private static double Unshadowed(Relief relief, int row, int column, Vec3 towards, double spreadDeg, double highest)
    {
        var grid = relief.Grid;
        var n = row * grid.Width + column;
        var up = grid.Normal[n].Dot(towards);
        // Chart direction in which the lamp lies: the lamp's components along the dual directions, over one.
        double alongX = towards.Dot(grid.AlongX[n]), alongY = towards.Dot(grid.AlongY[n]);
        var length = Math.Sqrt(alongX * alongX + alongY * alongY);
        if (length < 1e-6 || up >= 0.999)
        {
            return 1;
        }

        var climb = up / Math.Sqrt(Math.Max(1 - up * up, 1e-9)); // mm up per mm along the skin towards the lamp
        var here = relief.Mm[n];
        var far = Math.Min(FarthestShadowMm, (highest - here) / Math.Max(climb, 0.05));
        var soft = Math.Max(Math.Sin(spreadDeg * Math.PI / 180), 0.03);
        var open = 1.0;
        var step = Math.Max(1, 1.0 / grid.CellMm);
        for (var cells = step; cells * grid.CellMm <= far; cells += step)
        {
            var (i, j) = (column + (int)Math.Round(cells * alongX / length), row - (int)Math.Round(cells * alongY / length));
            if (i < 0 || j < 0 || i >= grid.Width || j >= grid.Height)
            {
                break;
            }

            var mm = cells * grid.CellMm;
            // How far the ray clears what stands there, as a tangent; within the lamp's width it is shaded in part.
            var clears = climb - (relief.Mm[j * grid.Width + i] - here) / mm;
            open = Math.Min(open, Math.Clamp(0.5 + clears / (2 * soft), 0, 1));
            if (open <= 0)
            {
                return 0;
            }
        }

        return open;
    }
}

using Datura.Core.Drills;

namespace Datura.Core.Tests.Drills;

/// <summary>A sheet as a camera straight above would see it, drawn here without anything of what reads it but the ground's own shape.</summary>
internal static class DrawnSheet
{
    private const double StepMm = 0.25;

    public static InkPicture Of(GroundSurface ground, IReadOnlyList<DrillStroke> made, int seed = 1, (byte R, byte G, byte B)? paint = null, (byte R, byte G, byte B)? bare = null, double holes = 0)
    {
        var (columns, rows) = ((int)Math.Ceiling(ground.WidthMm / StepMm), (int)Math.Ceiling(ground.HeightMm / StepMm));
        var (share, random) = (new float[columns * rows], new Random(seed));
        foreach (var stroke in made)
        {
            for (var k = 1; k < stroke.Path.Count; k++)
            {
                var (a, b) = (ground.Seen(stroke.Path[k - 1]), ground.Seen(stroke.Path[k]));
                Segment(a, b, stroke.WidthsMm[k - 1] / 2, stroke.WidthsMm[k] / 2, k == 1, k == stroke.Path.Count - 1);
            }
        }

        var (ink, skin) = (paint ?? (40, 50, 80), bare ?? (240, 238, 232));
        var rgb = new byte[3 * columns * rows];
        for (var n = 0; n < columns * rows; n++)
        {
            var light = 1 - 0.2 * (n % columns) / columns - 0.1 * (n / columns) / rows;
            var covered = random.NextDouble() < holes ? 0 : share[n];
            byte[] from = [skin.R, skin.G, skin.B], to = [ink.R, ink.G, ink.B];
            for (var c = 0; c < 3; c++)
            {
                rgb[3 * n + c] = (byte)Math.Clamp((from[c] + covered * (to[c] - from[c])) * light + 6 * (random.NextDouble() - 0.5), 0, 255);
            }
        }

        return new(rgb, columns, rows, StepMm);

        void Segment(ChartPoint a, ChartPoint b, double ra, double rb, bool first, bool last)
        {
            var reach = Math.Max(ra, rb) + 1;
            for (var j = Math.Max(0, (int)((Math.Min(a.YMm, b.YMm) - reach) / StepMm)); j < Math.Min(rows, (Math.Max(a.YMm, b.YMm) + reach) / StepMm); j++)
            {
                for (var i = Math.Max(0, (int)((Math.Min(a.XMm, b.XMm) - reach) / StepMm)); i < Math.Min(columns, (Math.Max(a.XMm, b.XMm) + reach) / StepMm); i++)
                {
                    var (px, py) = ((i + 0.5) * StepMm - a.XMm, (j + 0.5) * StepMm - a.YMm);
                    var (dx, dy) = (b.XMm - a.XMm, b.YMm - a.YMm);
                    var along = (px * dx + py * dy) / Math.Max(1e-12, dx * dx + dy * dy);
                    // Its ends are cut off square, and pieces meet without a gap.
                    var over = Math.Max(-along, along - 1) * Math.Sqrt(dx * dx + dy * dy);
                    if (over > 0.6 || first && along < 0 || last && along > 1)
                    {
                        continue;
                    }

                    var t = Math.Clamp(along, 0, 1);
                    var away = Math.Sqrt((px - t * dx) * (px - t * dx) + (py - t * dy) * (py - t * dy));
                    var cover = Math.Clamp((ra + t * (rb - ra) - away) / StepMm + 0.5, 0, 1);
                    share[j * columns + i] = Math.Max(share[j * columns + i], (float)cover);
                }
            }
        }
    }
}

using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Core.Paint;

namespace Datura.Files.Pictures;

/// <summary>The form of a look as busts: bare, as wanted, and painted, all in the light of the setting; and its relief.</summary>
public static class FormPicture
{
    private const double Bright = 1.25;

    /// <summary>Three busts side by side: the skin or base without tones, the wanted form, the painted tones.</summary>
    /// <returns>A PNG of three times the width.</returns>
    public static byte[] Three(FormPlan form, FittedBody body, BustView view, int width, int height, double distanceM)
    {
        var grid = form.Map.Grid;
        var baseY = ToneMap.Luminance(form.Map.BaseL);
        float[] Seen(Func<int, double> luminance)
        {
            var field = new float[form.Map.Real.Length];
            for (var n = 0; n < field.Length; n++)
            {
                field[n] = (float)luminance(n);
            }

            return field;
        }

        float[][] fields =
        [
            Seen(n => baseY * form.Map.Real[n]), form.Map.Wanted, Seen(n => ToneMap.Luminance(form.Map.BaseL + form.Bands.Painted[n]) * form.Map.Real[n]),
        ];
        var half = (int)Math.Round(Eye.FinestMm(distanceM) / 2 / grid.CellMm);
        var buffer = BustBuffer.Render(body.Mesh, view, width * 2, height * 2);
        var rgba = new byte[3 * width * height * 4];
        for (var k = 0; k < 3; k++)
        {
            var one = Drawn(buffer, grid, fields[k], half);
            for (var y = 0; y < height; y++)
            {
                Buffer.BlockCopy(one, y * width * 4, rgba, (y * 3 + k) * width * 4, width * 4);
            }
        }

        return Png.Of(rgba, 3 * width, height);
    }

    /// <summary>Heights over the skin as colours on the chart's window: hollows blue, what stands out amber.</summary>
    public static byte[] ReliefPng(FormPlan form)
    {
        var grid = form.Map.Grid;
        var most = Math.Max(4, form.Relief.Mm.Max(Math.Abs));
        var rgba = new byte[grid.Window.Pixels * grid.Window.Pixels * 4];
        for (var n = 0; n < form.Relief.Mm.Length; n++)
        {
            var at = ((n / grid.Width) * grid.Window.Pixels + grid.Left + n % grid.Width) * 4;
            var h = form.Relief.Mm[n] / most;
            if (Math.Abs(h) > 0.03)
            {
                var (r, g, b) = h < 0 ? (30, 70, 190) : (245, 180, 40);
                (rgba[at], rgba[at + 1], rgba[at + 2], rgba[at + 3]) = ((byte)r, (byte)g, (byte)b, (byte)(60 + 170 * Math.Abs(h)));
            }
        }

        return Png.Of(rgba, grid.Window.Pixels, grid.Window.Pixels);
    }

    /// <summary>The tone map as it is printed: a flat grey for every tone, a line where two meet, and where their numbers go.</summary>
    /// <returns>Pixels, and per number its place in pixels.</returns>
    public static (byte[] Rgba, IReadOnlyList<(int Number, float X, float Y)> Numbers) Tones(FormPlan form, FittedBody body, BustView view, int width, int height)
    {
        const int line = 70;
        var buffer = BustBuffer.Render(body.Mesh, view, width, height);
        var tone = new float[buffer.Shade.Length];
        for (var n = 0; n < tone.Length; n++)
        {
            var cell = buffer.Shade[n] > 0 ? form.Map.Grid.CellAt(new(buffer.Chart[n].X, buffer.Chart[n].Y)) : -1;
            tone[n] = cell < 0 ? 0 : form.Bands.Painted[cell];
        }

        var rgba = new byte[tone.Length * 4];
        for (var n = 0; n < tone.Length; n++)
        {
            var edge = (n % width + 1 < width && tone[n + 1] != tone[n]) || (n + width < tone.Length && tone[n + width] != tone[n]);
            // A little of the bust's own shade stays, so that nose and mouth are found.
            var grey = buffer.Shade[n] <= 0 ? 255 : edge ? line : (int)Math.Clamp(Grey(tone[n], form) * (0.72 + 0.28 * buffer.Shade[n]), 0, 255);
            (rgba[4 * n], rgba[4 * n + 1], rgba[4 * n + 2], rgba[4 * n + 3]) = ((byte)grey, (byte)grey, (byte)grey, 255);
        }

        var numbers = form.Bands.Tones.SelectMany(t => Enumerable.Range(0, t.Outline.NumGeometries).Select(t.Outline.GetGeometryN).Where(g => g.Area > LeastNumberedMm2).Select(g => (t.Number, At: new ChartPoint(g.InteriorPoint.X, g.InteriorPoint.Y))))
            .Where(t => view.Turned(body.Skin.Normal(body.Chart.ToSkin(t.At))).Z > 0.15)
            .Select(t => (t.Number, view.Project(body.Chart.Position(t.At), width, height) is var (x, y, _) ? x : 0, view.Project(body.Chart.Position(t.At), width, height).Y));
        return (rgba, [.. numbers]);
    }

    private const double LeastNumberedMm2 = 140;

    // The base is paper grey, lights go to white and shades to dark.
    private static double Grey(float change, FormPlan form) => change switch
    {
        0 => 222,
        > 0 => 222 + 33 * change / Math.Max(1, form.Bands.Tones.Max(t => t.Change)),
        _ => 222 - 120 * change / Math.Min(-1, form.Bands.Tones.Min(t => t.Change)),
    };

    private static byte[] Drawn(BustBuffer buffer, FormGrid grid, float[] luminance, int half)
    {
        var field = half > 0 ? Blurred(luminance, grid, half) : luminance;
        var rgba = new byte[buffer.Width * buffer.Height * 4];
        for (var n = 0; n < buffer.Shade.Length; n++)
        {
            var grey = BustPicture.SurroundGrey;
            if (buffer.Shade[n] > 0)
            {
                var cell = grid.CellAt(new(buffer.Chart[n].X, buffer.Chart[n].Y));
                var y = cell < 0 ? 0.12 : field[cell];
                grey = Srgb.From(new Lab(ToneMap.Lightness(Math.Clamp(Bright * y, 0, 1)), 0, 0)).G;
            }

            (rgba[4 * n], rgba[4 * n + 1], rgba[4 * n + 2], rgba[4 * n + 3]) = (grey, grey, grey, 255);
        }

        return BustPicture.Halved(rgba, buffer.Width / 2, buffer.Height / 2);
    }

    private static float[] Blurred(float[] field, FormGrid grid, int half) => Averages.Box(field, grid.Width, grid.Height, half, 2);
}

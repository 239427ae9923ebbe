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

using Datura.Core.Body;
using Datura.Core.Form;

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
        var half = (int)Math.Round(VisualAcuity.FinestMm(distanceM) / 2 / grid.CellMm);
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

    /// <summary>Heights over the skin as the shading they would have under the pretended lamp: black and white to lay over the skin.</summary>
    public static byte[] ReliefShaded(FormPlan form)
    {
        var grid = form.Map.Grid;
        var light = form.Wish.PretendedLight;
        var (with, without) = (LitSkin.Of(form.Relief, light), LitSkin.Of(Relief.None(grid), light));
        var rgba = new byte[grid.Window.Pixels * grid.Window.Pixels * 4];
        for (var n = 0; n < with.Length; n++)
        {
            var at = ((n / grid.Width) * grid.Window.Pixels + grid.Left + n % grid.Width) * 4;
            var more = with[n] / Math.Max(without[n], 0.05f) - 1;
            (rgba[at], rgba[at + 1], rgba[at + 2]) = more > 0 ? ((byte)255, (byte)255, (byte)255) : ((byte)0, (byte)0, (byte)0);
            rgba[at + 3] = (byte)Math.Clamp(255 * (more > 0 ? 0.9 * more : -more), 0, 225);
        }

        return Png.Of(rgba, grid.Window.Pixels, grid.Window.Pixels);
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

    /// <summary>Tones laid over a picture of the paint without them, for while the lamp is dragged.</summary>
    /// <param name="rgba">The picture of a whole window.</param>
    /// <param name="change">Change of L* per cell of the grid.</param>
    public static byte[] Tinted(byte[] rgba, int pixels, FormGrid grid, float[] change)
    {
        // One table per level of the channel for each tone: there are at most four.
        var tables = new Dictionary<float, byte[]>();
        var tinted = (byte[])rgba.Clone();
        var window = new ChartWindow(pixels);
        var columns = Enumerable.Range(0, pixels).Select(x => (int)Math.Floor(grid.Window.ColumnOf(window.XOfColumn(x + 0.5))) - grid.Left).ToArray();
        for (var y = 0; y < pixels; y++)
        {
            var row = (int)Math.Floor(grid.Window.RowOf(window.YOfRow(y + 0.5)));
            for (var x = 0; x < pixels && row >= 0 && row < grid.Height; x++)
            {
                var l = columns[x] >= 0 && columns[x] < grid.Width ? change[row * grid.Width + columns[x]] : 0;
                if (l == 0)
                {
                    continue;
                }

                if (!tables.TryGetValue(l, out var table))
                {
                    tables[l] = table = [.. Enumerable.Range(0, 256).Select(v => Srgb.From(new Lab(Math.Clamp(GreyL[v] + l, 0, 100), 0, 0)).G)];
                }

                var at = (y * pixels + x) * 4;
                (tinted[at], tinted[at + 1], tinted[at + 2]) = (table[tinted[at]], table[tinted[at + 1]], table[tinted[at + 2]]);
            }
        }

        return tinted;
    }

    // L* of every grey.
    private static readonly double[] GreyL = [.. Enumerable.Range(0, 256).Select(v => ToneMap.Lightness(v <= 10 ? v / 255.0 / 12.92 : Math.Pow((v / 255.0 + 0.055) / 1.055, 2.4)))];

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

        var numbers = form.Bands.Tones.SelectMany(t => Enumerable.Range(0, t.Outline.NumGeometries).Select(t.Outline.GetGeometryN).Where(g => g.Area > LeastNumberedMm2)
            .Select(g => (t.Number, At: new ChartPoint(g.InteriorPoint.X, g.InteriorPoint.Y))))
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

    private static float[] Blurred(float[] field, FormGrid grid, int half) => BoxFilter.Box(field, grid.Width, grid.Height, half, 2);
}

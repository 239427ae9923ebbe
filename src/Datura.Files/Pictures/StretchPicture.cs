using Datura.Core.Body;

namespace Datura.Files.Pictures;

/// <summary>
/// How far the flat drawing is from the skin, over the window of the paint picture: clear where a millimetre of the drawing
/// is one of skin, violet where the skin is longer than drawn, amber where it is shorter; full colour at 25 %.
/// </summary>
public static class StretchPicture
{
    private const double FullAt = 0.25;
    private const double ClearBelow = 0.02;

    public static byte[] Png(FittedBody body, int pixels)
    {
        var window = new ChartWindow(pixels);
        var rgba = new byte[pixels * pixels * 4];
        Parallel.For(0, pixels, row =>
        {
            for (var column = 0; column < pixels; column++)
            {
                var at = new ChartPoint((column + 0.5) * window.MmPerPixel - ChartWindow.SideMm / 2, window.YOfRow(row + 0.5));
                var stretch = Math.Sqrt(Math.Max(0, body.Chart.AreaScale(at))) - 1;
                if (at.YMm < body.Chart.YRange.Low || Math.Abs(stretch) < ClearBelow)
                {
                    continue;
                }

                var n = 4 * (row * pixels + column);
                (rgba[n], rgba[n + 1], rgba[n + 2]) = stretch > 0 ? ((byte)91, (byte)63, (byte)140) : ((byte)200, (byte)120, (byte)0);
                rgba[n + 3] = (byte)(170 * Math.Min(1, Math.Abs(stretch) / FullAt));
            }
        });
        return Pictures.Png.Of(rgba, pixels, pixels);
    }
}

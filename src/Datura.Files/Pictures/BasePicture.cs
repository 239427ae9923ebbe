using Datura.Core;

namespace Datura.Files.Pictures;

/// <summary>Where the base hides the skin and where it is too thin: green under 2 ΔE00, amber under 6, red beyond; clear where there is no base.</summary>
public static class BasePicture
{
    private const float Hidden = 2;
    private const float Thin = 6;

    public static byte[] Png(PlannedLook look, int pixels)
    {
        var shows = BustPicture.Painted(look, look.Coats.Count, pixels).BaseShows(coat => look.InOrder[coat].Role.Stage == Stage.Base);
        var rgba = new byte[4 * shows.Length];
        for (var n = 0; n < shows.Length; n++)
        {
            if (shows[n] is { } deltaE)
            {
                var (r, g, b) = deltaE < Hidden ? (44, 160, 90) : deltaE < Thin ? (240, 170, 40) : (190, 50, 40);
                (rgba[4 * n], rgba[4 * n + 1], rgba[4 * n + 2], rgba[4 * n + 3]) = ((byte)r, (byte)g, (byte)b, 170);
            }
        }

        return Pictures.Png.Of(rgba, pixels, pixels);
    }
}

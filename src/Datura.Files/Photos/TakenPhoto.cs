using Datura.Core.Photos;

namespace Datura.Files.Photos;

/// <summary>A simulated photo with its truth.</summary>
/// <param name="Rgba">Row by row from the top, four bytes a pixel.</param>
/// <param name="Held">Corners of the card in it.</param>
public sealed record TakenPhoto(byte[] Rgba, int Width, int Height, PhotoCamera Camera, HeldThing? Held)
{
    /// <summary>Mean colour of a small patch, 0 to 255, as the browser reads it.</summary>
    /// <param name="half">Pixels to each side.</param>
    public (double R, double G, double B) Mean(double x, double y, int half = 1)
    {
        double r = 0, g = 0, b = 0;
        var n = 0;
        for (var j = (int)Math.Round(y) - half; j <= (int)Math.Round(y) + half; j++)
        {
            for (var i = (int)Math.Round(x) - half; i <= (int)Math.Round(x) + half; i++)
            {
                if (i >= 0 && j >= 0 && i < Width && j < Height)
                {
                    var at = 4 * (j * Width + i);
                    (r, g, b, n) = (r + Rgba[at], g + Rgba[at + 1], b + Rgba[at + 2], n + 1);
                }
            }
        }

        return n == 0 ? (0, 0, 0) : (r / n, g / n, b / n);
    }
}

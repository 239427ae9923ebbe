namespace Datura.Core.Photos;

/// <summary>How a camera draws: a pinhole with square pixels, its axis through the middle of the picture, and one term of distortion (Brown 1971).</summary>
/// <param name="FocalPx">Pixels per unit of slope at the middle.</param>
/// <param name="Distortion">How much farther out a ray of slope 1 comes to lie, as a share; below 0 for a barrel.</param>
public sealed record Lens(double WidthPx, double HeightPx, double FocalPx, double Distortion = 0)
{
    /// <summary>Where a ray comes to lie.</summary>
    /// <param name="x">Slope to the right.</param>
    /// <param name="y">Slope down.</param>
    public (double X, double Y) Draw(double x, double y)
    {
        var scale = FocalPx * (1 + Distortion * (x * x + y * y));
        return (WidthPx / 2 + scale * x, HeightPx / 2 + scale * y);
    }

    /// <summary>The ray of a place in the picture: slopes to the right and down.</summary>
    public (double X, double Y) Ray(double xPx, double yPx)
    {
        var (u, v) = ((xPx - WidthPx / 2) / FocalPx, (yPx - HeightPx / 2) / FocalPx);
        var (x, y) = (u, v);
        for (var k = 0; k < 12; k++)
        {
            var by = 1 + Distortion * (x * x + y * y);
            (x, y) = (u / by, v / by);
        }

        return (x, y);
    }
}

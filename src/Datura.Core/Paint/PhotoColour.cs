namespace Datura.Core.Paint;

/// <summary>
/// A colour off a photo in which something white lies in the same light: each channel is held against the white's (von Kries
/// in the camera's own primaries, taken as sRGB). Good to a few ΔE00 in even daylight, as far as a camera's picture goes.
/// </summary>
public static class PhotoColour
{
    /// <summary>White paper, from memory.</summary>
    public const double PaperWhite = 0.88;

    private const double Burnt = 252;
    private const double Dark = 60;

    /// <param name="spot">Mean red, green and blue of the spot, 0 to 255.</param>
    /// <param name="white">The same of the white beside it.</param>
    /// <param name="whiteReflectance">What the white sends back, 0.5 to 1.</param>
    /// <exception cref="InputException">The white cannot be used, or a value is no colour.</exception>
    public static Lab Of((double R, double G, double B) spot, (double R, double G, double B) white, double whiteReflectance = PaperWhite)
    {
        double[] all = [spot.R, spot.G, spot.B, white.R, white.G, white.B];
        if (all.Any(v => !(v is >= 0 and <= 255)) || !(whiteReflectance is >= 0.5 and <= 1))
        {
            throw new InputException("spot", ProblemCode.PhotoNumbers);
        }

        if (Math.Max(white.R, Math.Max(white.G, white.B)) >= Burnt)
        {
            throw new InputException("white", ProblemCode.WhiteOverexposed);
        }

        if (Math.Min(white.R, Math.Min(white.G, white.B)) < Dark)
        {
            throw new InputException("white", ProblemCode.WhiteDark);
        }

        double Share(double s, double w) => Math.Min(1, whiteReflectance * Srgb.LinearOf(s) / Srgb.LinearOf(w));
        return Lab.From(Srgb.ToTristimulus(Share(spot.R, white.R), Share(spot.G, white.G), Share(spot.B, white.B)));
    }

    /// <summary>The colour as a screen shows it (sRGB, IEC 61966-2-1): of a drawing or a print that was scanned, where there is no white to go by.</summary>
    /// <exception cref="InputException">A value is no colour.</exception>
    public static Lab AsShown((double R, double G, double B) spot) => new[] { spot.R, spot.G, spot.B }.All(v => v is >= 0 and <= 255)
        ? Lab.From(Srgb.ToTristimulus(Srgb.LinearOf(spot.R), Srgb.LinearOf(spot.G), Srgb.LinearOf(spot.B)))
        : throw new InputException("spot", ProblemCode.PhotoNumbers);
}

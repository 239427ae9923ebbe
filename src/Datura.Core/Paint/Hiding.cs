namespace Datura.Core.Paint;

/// <summary>How well a film hides what lies under it.</summary>
public static class Hiding
{
    /// <summary>A film counts as hiding at this contrast ratio (ISO 6504-3: 98 %; from memory).</summary>
    public const double Hidden = 0.98;

    private const double ThickestUm = 2000;

    /// <summary>Luminous reflectance of a film over the card's black to that over its white, 0 to 1.</summary>
    /// <param name="thicknessUm">µm dry, 0 or more.</param>
    public static double ContrastRatio(PaintOptics paint, double thicknessUm) =>
        Luminance(paint, PaintOptics.CardBlack, thicknessUm) / Luminance(paint, PaintOptics.CardWhite, thicknessUm);

    /// <summary>Thinnest film that hides black and white alike, µm dry; null when none under 2 mm does.</summary>
    public static double? FilmToHideUm(PaintOptics paint) => ContrastRatio(paint, ThickestUm) < Hidden
        ? null : Bisect(x => ContrastRatio(paint, x) >= Hidden, ThickestUm);

    /// <summary>
    /// A cast instead of a cover: the film that shifts the skin just to a wanted lightness.
    /// </summary>
    /// <returns>µm dry, or null when this paint does not take this skin so far.</returns>
    public static double? CastUm(PaintOptics paint, PaintStack skin, double wantedL)
    {
        var start = skin.Colour().L;
        var end = skin.With(paint, ThickestUm).Colour().L;
        if ((wantedL - start) * (wantedL - end) > 0)
        {
            return null;
        }

        return Bisect(x => end > start ? skin.With(paint, x).Colour().L >= wantedL : skin.With(paint, x).Colour().L <= wantedL, ThickestUm);
    }

    private static double Luminance(PaintOptics paint, double ground, double thicknessUm)
    {
        Span<double> under = stackalloc double[Spectrum.Bands];
        under.Fill(SurfaceReflection.Inside(ground));
        return Observer.Look([.. paint.Over(under, thicknessUm).Select(SurfaceReflection.SeenWithoutGloss)], Observer.D65).Y;
    }

    private static double Bisect(Func<double, bool> enough, double most)
    {
        var (low, high) = (0.0, most);
        for (var k = 0; k < 50; k++)
        {
            var middle = (low + high) / 2;
            (low, high) = enough(middle) ? (low, middle) : (middle, high);
        }

        return high;
    }
}

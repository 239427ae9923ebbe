namespace Datura.Colour;

/// <summary>
/// Reflection at the boundary of air and film. Source: Saunderson, J. Opt. Soc. Am. 32 (1942) 727.
/// k1 and k2 for a binder of refractive index about 1.5.
/// </summary>
public static class SurfaceReflection
{
    /// <summary>Share of outside light that the surface sends back at once.</summary>
    public const double K1 = 0.04;

    /// <summary>Share of inside light that the surface keeps in.</summary>
    public const double K2 = 0.6;

    /// <summary>Seen reflectance with the surface's own reflection included, as Saunderson gives it.</summary>
    public static double SeenWithGloss(double inside) => K1 + SeenWithoutGloss(inside);

    /// <summary>
    /// Seen reflectance with the gloss looked past, as a painter tilts a card and as a 45°/0° instrument measures.
    /// All card colours and skin tones in Datura are meant so.
    /// </summary>
    public static double SeenWithoutGloss(double inside) => (1 - K1) * (1 - K2) * inside / (1 - K2 * inside);

    /// <summary>The inverse of <see cref="SeenWithoutGloss"/>.</summary>
    public static double Inside(double seen) => seen / ((1 - K1) * (1 - K2) + K2 * seen);
}

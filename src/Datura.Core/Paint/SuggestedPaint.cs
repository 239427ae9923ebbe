namespace Datura.Core.Paint;

/// <summary>Which paint of the kit a new part starts with.</summary>
public static class SuggestedPaint
{
    // A paint that may not go where the part lies is out; after that lightness counts most and colour least of all.
    private const double ChromaWeight = 0.35;

    /// <param name="zones">Where the part hangs; decides whether eye or lip paints are needed.</param>
    /// <returns>The paint's id, or null when the kit has none that may go there.</returns>
    public static string? For(CoatRole role, IReadOnlyList<Zone> zones, Kit kit) => kit.Paints
        .Where(p => Materials.Mixes(p.Material) && p.Material is not Material.Metallic || p.Material is Material.Powder)
        .Where(p => p.NearEyes || !zones.Any(z => z is Zone.Lid or Zone.Orbit))
        .Where(p => p.OnLips || !zones.Contains(Zone.Lips))
        .Where(p => p.Material is not (Material.Powder or Material.Pigment) || role.Tool == Tool.SoftBrush)
        .OrderBy(p => Fit(p, role)).Select(p => p.Id).FirstOrDefault();

    private static double Fit(PaintDescription paint, CoatRole role)
    {
        var colour = new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour;
        return Math.Abs(colour.L - role.Lightness) + ChromaWeight * colour.Chroma();
    }
}

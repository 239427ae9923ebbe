namespace Datura.Core.Paint;

/// <summary>The colours a new part comes to: what it lies on, and what is painted beside it.</summary>
/// <param name="Ground">Of the base, or of the skin where there is none.</param>
/// <param name="Used">Of the other paints in the look, opaque.</param>
public sealed record LookColours(Lab Ground, IReadOnlyList<Lab> Used)
{
    /// <summary>The colours of some paints of a kit; a paint that the kit does not have is passed over.</summary>
    /// <param name="over">The paint of the base, or null for bare skin.</param>
    public static LookColours Of(Kit kit, Lab skin, string? over, IEnumerable<string> beside)
    {
        Lab? Opaque(string id) => kit.Paints.FirstOrDefault(p => p.Id == id) is { } paint ? new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour : null;
        return new((over is null ? null : Opaque(over)) ?? skin, [.. beside.Distinct().Select(Opaque).OfType<Lab>()]);
    }
}

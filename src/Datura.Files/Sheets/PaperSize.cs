namespace Datura.Files.Sheets;

/// <summary>Paper sizes, in PDF points.</summary>
public sealed record PaperSize(string Name, float Width, float Height)
{
    public static PaperSize A4 { get; } = new("A4", 595.28f, 841.89f);

    public static PaperSize Letter { get; } = new("Letter", 612, 792);

    /// <summary>A card for the pocket (ISO 216: 105 × 148 mm).</summary>
    public static PaperSize A6 { get; } = new("A6", 297.64f, 419.53f);

    /// <summary>A small poster (297 × 420 mm).</summary>
    public static PaperSize A3 { get; } = new("A3", 841.89f, 1190.55f);

    public static PaperSize A5 { get; } = new("A5", 419.53f, 595.28f);

    /// <returns>The size of a menu of that name, from poster to card, or null.</returns>
    public static PaperSize? FindMenu(string name) => new[] { A3, A4, A5, A6, Letter }
        .FirstOrDefault(p => p.Name.Equals(name, StringComparison.OrdinalIgnoreCase));

    /// <returns>The size of a sheet of that name, or null.</returns>
    public static PaperSize? Find(string name) => new[] { A4, Letter }
        .FirstOrDefault(p => p.Name.Equals(name, StringComparison.OrdinalIgnoreCase));
}

using System.Text.Json.Serialization;
using Datura.Core;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Files.Json;

/// <summary>A look as it stands in a file and in the store; docs/look-file.md and the schema describe it.</summary>
public sealed record LookDocument(
    string Format, int Version, string Name, string? Notes, Mapping Mapping, IReadOnlyList<PartDocument> Parts)
{
    public const string FormatName = "datura-look";
    public const int CurrentVersion = 1;

    public static LookDocument From(Look look) =>
        new(FormatName, CurrentVersion, look.Name, look.Notes, look.Mapping, [.. look.Parts.Select(PartDocument.From)]);

    public Look ToLook() => new(Name, Notes ?? "", Mapping, [.. Parts.Select(p => p.ToPart())]);
}

/// <param name="Moved">How far the painter moved it, mm; left out when it hangs where it hangs.</param>
/// <param name="Motif">The painter's own drawing.</param>
/// <param name="Paints">Per coat role, the paints with their parts.</param>
public sealed record PartDocument(
    string Id,
    string Kind,
    Sides Sides,
    double Unevenness,
    int Seed,
    Priority Priority,
    bool Reserved,
    IReadOnlyDictionary<string, double>? Numbers,
    IReadOnlyDictionary<string, string>? Words,
    IReadOnlyDictionary<string, IReadOnlyList<string>>? Zones,
    IReadOnlyDictionary<string, IReadOnlyList<PaintShare>>? Paints,
    IReadOnlyDictionary<string, int>? Coats,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Move? Moved = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Motif? Motif = null)
{
    public static PartDocument From(Part part) => new(
        part.Id, part.Kind, part.Sides, part.Unevenness, part.Seed, part.Priority, part.Reserved, part.Numbers, part.Words,
        part.Zones, part.Paints.ToDictionary(p => p.Key, p => p.Value.Shares), part.Coats,
        part.Moved == default ? null : part.Moved, part.Motif);

    public Part ToPart() => new(
        Id, Kind, Sides, Unevenness, Seed, Priority, Reserved,
        Numbers ?? new Dictionary<string, double>(),
        Words ?? new Dictionary<string, string>(),
        Zones ?? new Dictionary<string, IReadOnlyList<string>>(),
        Paints?.ToDictionary(p => p.Key, p => new PaintMix(p.Value)) ?? [],
        Coats ?? new Dictionary<string, int>(), Moved ?? default, Motif);
}

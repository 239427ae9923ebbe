using System.Text.Json.Serialization;
using Datura.Core;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Files.Json;

/// <summary>A look as it stands in a file and in the store; docs/look-file.md and the schema describe it.</summary>
public sealed record LookDocument(
    string Format, int Version, string Name, string? Notes, Mapping Mapping, IReadOnlyList<PartDocument> Parts,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] double? WetLifts = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] FormWish? Form = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] OrderWish? Order = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Kit = null)
{
    public const string FormatName = "datura-look";
    public const int CurrentVersion = 1;

    public static LookDocument From(Look look) =>
        new(FormatName, CurrentVersion, look.Name, look.Notes, look.Mapping, [.. look.Parts.Select(PartDocument.From)], look.WetLifts == 0 ? null : look.WetLifts, look.Form, look.Order, look.Kit);

    public Look ToLook() => new(Name, Notes ?? "", Mapping, [.. Parts.Select(p => p.ToPart())], WetLifts ?? 0, Form, Order, Kit);
}

/// <param name="Moved">How far the painter moved it, mm; left out when it hangs where it hangs.</param>
/// <param name="Motif">The painter's own drawing.</param>
/// <param name="Version">How much of it is painted this time; left out for all of it.</param>
/// <param name="Laid">How coats are laid, per role, where it differs from the usual.</param>
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
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Motif? Motif = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] IReadOnlyDictionary<string, LayDocument>? Laid = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] double? ReliefMm = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] PartVersion? Version = null)
{
    public static PartDocument From(Part part) => new(
        part.Id, part.Kind, part.Sides, part.Unevenness, part.Seed, part.Priority, part.Reserved, part.Numbers, part.Words,
        part.Zones, part.Paints.ToDictionary(p => p.Key, p => p.Value.Shares), part.Coats,
        part.Moved == default ? null : part.Moved, part.Motif,
        part.Laid is { Count: > 0 } laid ? laid.ToDictionary(l => l.Key, l => LayDocument.From(l.Value)) : null, part.ReliefMm, part.Version == PartVersion.Full ? null : part.Version);

    public Part ToPart() => new(
        Id, Kind, Sides, Unevenness, Seed, Priority, Reserved,
        Numbers ?? new Dictionary<string, double>(),
        Words ?? new Dictionary<string, string>(),
        Zones ?? new Dictionary<string, IReadOnlyList<string>>(),
        Paints?.ToDictionary(p => p.Key, p => new PaintMix(p.Value)) ?? [],
        Coats ?? new Dictionary<string, int>(), Moved ?? default, Motif, Laid?.ToDictionary(l => l.Key, l => l.Value.ToLay()), ReliefMm, Version ?? PartVersion.Full);
}

/// <summary>How a coat is laid; what is left out is as usual.</summary>
/// <param name="Film">Share of the usual film.</param>
/// <param name="IntoWet">While the coat below is wet.</param>
/// <param name="Split">Colours side by side on the sponge.</param>
public sealed record LayDocument(
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] double? Film = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] bool? IntoWet = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] SplitDocument? Split = null)
{
    public static LayDocument From(CoatLay lay) => new(
        lay.Film == 1 ? null : lay.Film, lay.IntoWet ? true : null,
        lay.Split is { } s ? new(s.Overlap, s.AxisDeg, s.Flipped, s.FromMiddle, s.Powder) : null);

    public CoatLay ToLay() => new(
        Film ?? 1, IntoWet ?? false, Split is { } s ? new(s.Overlap, s.AxisDeg, s.Flipped, s.FromMiddle, s.Powder) : null);
}

/// <summary>A split load: see the schema.</summary>
public sealed record SplitDocument(double Overlap, double AxisDeg, bool Flipped, bool FromMiddle, double Powder);

using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One thing the character has.</summary>
/// <param name="Id">Unique within the look.</param>
/// <param name="Kind">Id of a kind in the registry.</param>
/// <param name="Unevenness">0: mirror; 1: as uneven as a hurried hand.</param>
/// <param name="Seed">Fixes everything that looks random.</param>
/// <param name="Reserved">Its area is left bare by the base beneath; otherwise it is painted over the base.</param>
/// <param name="Numbers">Parameters set by the painter; the others keep their default for the face.</param>
/// <param name="Words">Choices set by the painter.</param>
/// <param name="Zones">Zone lists set by the painter.</param>
/// <param name="Paints">Paint or mix per coat role.</param>
/// <param name="Coats">Number of coats per role where it differs from the usual.</param>
/// <param name="Motif">The painter's own drawing; only for parts of the kind that lays one.</param>
/// <param name="ReliefMm">How far it should seem to stand out of the skin, negative for a hollow; null for the kind's usual.</param>
/// <param name="Version">How much of it is painted this time.</param>
/// <param name="Laid">How coats are laid, per role, where it differs from the usual.</param>
public sealed record Part(
    string Id,
    string Kind,
    Sides Sides,
    [property: Range(0, 1)] double Unevenness,
    int Seed,
    Priority Priority,
    bool Reserved,
    IReadOnlyDictionary<string, double> Numbers,
    IReadOnlyDictionary<string, string> Words,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Zones,
    IReadOnlyDictionary<string, PaintMix> Paints,
    IReadOnlyDictionary<string, int> Coats,
    Motif? Motif = null,
    IReadOnlyDictionary<string, CoatLay>? Laid = null,
    [property: Range(-20, 20)] double? ReliefMm = null,
    PartVersion Version = PartVersion.Full)
{
    /// <summary>What the painter calls it; null for its kind's name.</summary>
    [StringLength(Limits.LongestName)]
    public string? Name { get; init => field = string.IsNullOrWhiteSpace(value) ? null : value.Trim(); }

    /// <summary>Roles whose coats are left out this time, but kept in the look.</summary>
    public IReadOnlyList<string> Without { get; init => field = value ?? []; } = [];

    /// <summary>How far the painter moved it from where it hangs.</summary>
    public Move Moved { get; init; }

    /// <summary>Where it hangs and how it is turned; null for its kind's own place.</summary>
    public Hanging? Hung { get; init; }

    /// <summary>The painter's own points; only for the kind that draws them.</summary>
    public OwnDrawing? Drawn { get; init; }

    /// <summary>How the edge of its first coat runs where it is not as the kind draws it.</summary>
    public Rim? Rim { get; init; }

    // A file may leave out what the painter has not set.
    public IReadOnlyDictionary<string, double> Numbers { get; init; } = Numbers ?? new Dictionary<string, double>();

    public IReadOnlyDictionary<string, string> Words { get; init; } = Words ?? new Dictionary<string, string>();

    public IReadOnlyDictionary<string, IReadOnlyList<string>> Zones { get; init; } = Zones ?? new Dictionary<string, IReadOnlyList<string>>();

    public IReadOnlyDictionary<string, PaintMix> Paints { get; init; } = Paints ?? new Dictionary<string, PaintMix>();

    public IReadOnlyDictionary<string, int> Coats { get; init; } = Coats ?? new Dictionary<string, int>();

    /// <summary>How a role's coat is laid.</summary>
    public CoatLay LayOf(string role) => Laid is not null && Laid.TryGetValue(role, out var lay) ? lay : CoatLay.Usual;
}

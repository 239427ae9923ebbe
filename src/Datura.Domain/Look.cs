using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A character: parts hung on anatomy. It belongs to no face.</summary>
/// <param name="Form">How its form is painted; null when no shades and lights are computed.</param>
/// <param name="Order">Schools, pins and ties of its order; null for the usual.</param>
/// <param name="WetLifts">Share of a dry water-based coat that this painter's wet brush takes along, 0 to 0.5.</param>
/// <param name="Kit">Id of the kit it was made with; null when it is not known.</param>
/// <param name="Stages">After each of them one may stop; null for a look that is painted in one go.</param>
/// <param name="Mendings">Preparing and mending that the painter wants, and what is proposed and she does not want; null for what is proposed.</param>
public sealed record Look([property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, string Notes, Mapping Mapping,
    [property: MaxLength(Limits.MostParts)] IReadOnlyList<Part> Parts, [property: Range(0, 0.5)] double WetLifts = 0, FormWish? Form = null, OrderWish? Order = null, string? Kit = null,
    [property: MaxLength(LookStage.Most)] IReadOnlyList<LookStage>? Stages = null,
    [property: MaxLength(Mending.Most)] IReadOnlyList<Mending>? Mendings = null)
{
    /// <summary>Tags of one look; more than this nobody reads.</summary>
    public const int MostTags = 12;

    public const int LongestTag = 40;

    /// <summary>Words by which it is found again: its idea, where it is worn.</summary>
    [MaxLength(MostTags)]
    public IReadOnlyList<string> Tags { get; init => field = value ?? []; } = [];

    /// <summary>The production whose folder it lies in; null for none.</summary>
    [StringLength(Limits.LongestName)]
    public string? Production { get; init => field = string.IsNullOrWhiteSpace(value) ? null : value.Trim(); }

    /// <summary>Pictures that the painter works after.</summary>
    [MaxLength(PinnedReference.Most)]
    public IReadOnlyList<PinnedReference> References { get; init => field = value ?? []; } = [];

    /// <summary>Stops that the painter passed, with her reasons.</summary>
    [MaxLength(PassedStop.Most)]
    public IReadOnlyList<PassedStop> Passed { get; init => field = value ?? []; } = [];

    [StringLength(Limits.LongestNotes)]
    public string Notes { get; init; } = Notes ?? "";
}

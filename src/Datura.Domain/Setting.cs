using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Where and for how long: slot, viewing distance and costume.</summary>
/// <param name="SlotMinutes">Time in the chair.</param>
/// <param name="ViewingDistanceM">From where it is seen.</param>
/// <param name="Light">Light in words.</param>
/// <param name="Lamps">The lamps it is seen under; daylight when none is named.</param>
/// <param name="Ambient">Share of the light that comes from everywhere, 0 to 1.</param>
/// <param name="Painters">One, or two on one face.</param>
/// <param name="Drying">What helps paint dry.</param>
/// <param name="Confidence">Share of sessions that the slot must hold, 0.5 to 0.99.</param>
/// <param name="Rates">The painter's own rates, by their id; the others stay as usual.</param>
/// <param name="AdaptingCdM2">How bright it is where it is seen, as the eye settles on it, cd/m²: a fifth of a white.</param>
/// <param name="OnOneself">Painter and wearer are one: before a mirror, one lid at a time, and slower.</param>
/// <param name="NecklineMm">Edge of the costume below the notch between the collar bones, mm; negative above it.</param>
/// <param name="Neckline">How that edge runs.</param>
/// <param name="NecklineWidthMm">Across, at the height of the collar bones.</param>
public sealed record Setting(string Id, [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, [property: Range(1, 720)] double SlotMinutes,
    [property: Range(0.2, 200)] double ViewingDistanceM, [property: StringLength(Limits.LongestNotes)] string Light, [property: Range(-60, 150)] double NecklineMm,
    NecklineShape Neckline = NecklineShape.Round, [property: Range(60, 420)] double NecklineWidthMm = 170, [property: MaxLength(Limits.MostLamps)] IReadOnlyList<LampLevel>? Lamps = null, [property: Range(0, 1)] double Ambient = 0.5,
    [property: Range(1, 2)] int Painters = 1, bool RightHanded = true, DryingAid Drying = DryingAid.Air, [property: Range(0.5, 0.99)] double Confidence = 0.8, IReadOnlyDictionary<string,
        double>? Rates = null,
    [property: Range(ChromaticAdaptation.LeastCdM2, ChromaticAdaptation.MostCdM2)] double AdaptingCdM2 = ChromaticAdaptation.UsualCdM2, bool OnOneself = false)
{
    /// <summary>What is in the way there; each once.</summary>
    [MaxLength(20)]
    public IReadOnlyList<Condition> Conditions { get; init => field = value ?? []; } = [];

    /// <summary>How long it is worn, h; null when nobody said.</summary>
    [Range(0.1, 48)]
    public double? WearHours { get; init; }

    /// <summary>Whose learned times plans reckon with, by name; null for the usual ones, or her own rates.</summary>
    [StringLength(Limits.LongestName)]
    public string? TimesOf { get; init; }

    /// <summary>Those times, looked up in the book; no part of what is kept.</summary>
    [System.Text.Json.Serialization.JsonIgnore]
    public LearnedTimes? Learned { get; init; }
}


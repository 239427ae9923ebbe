using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>What a wearer says before the first stroke. Kept apart from the face's measures, and only for a while.</summary>
/// <param name="Consent">Who agreed to it.</param>
/// <param name="Photos">What pictures of the painted face may be used for.</param>
/// <param name="Age">As far as it matters.</param>
/// <param name="PatienceMinutes">How long they will sit, min; null when nobody asked.</param>
/// <param name="DeleteOn">Day on which the card is deleted.</param>
public sealed record WearerCard(Consent Consent, PhotoUse Photos, AgeGroup Age, [property: Range(1, 720)] double? PatienceMinutes, DateOnly DeleteOn)
{
    /// <summary>So many days a card is kept when nobody says otherwise.</summary>
    public const int UsualDays = 30;

    /// <summary>No card is kept for longer, days.</summary>
    public const int MostDays = 366;

    public const int MostWords = 20;

    /// <summary>What they are allergic to, one thing each, as they say it.</summary>
    [MaxLength(MostWords)]
    public IReadOnlyList<string> Allergies { get; init => field = value ?? []; } = [];

    /// <summary>How skin and breath are today.</summary>
    [MaxLength(MostWords)]
    public IReadOnlyList<WearerState> States { get; init => field = value ?? []; } = [];

    /// <summary>What they bring along: lenses, glasses, a beard.</summary>
    [MaxLength(MostWords)]
    public IReadOnlyList<WearerCaution> Brings { get; init => field = value ?? []; } = [];

    [StringLength(Limits.LongestWords)]
    public string Wants { get; init => field = value?.Trim() ?? ""; } = "";

    [StringLength(Limits.LongestWords)]
    public string DoesNotWant { get; init => field = value?.Trim() ?? ""; } = "";

    /// <summary>Stops of this wearer that the painter passed, with her reasons.</summary>
    [MaxLength(PassedStop.Most)]
    public IReadOnlyList<PassedStop> Passed { get; init => field = value ?? []; } = [];

    /// <summary>A card on which nothing is said yet.</summary>
    public static WearerCard Blank(DateOnly today) => new(Consent.NotYet, PhotoUse.None, AgeGroup.NotSaid, null, today.AddDays(UsualDays));
}

using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A step as it was planned when the session began.</summary>
/// <param name="Key">As the plan names it.</param>
/// <param name="Title">As it is spoken of.</param>
/// <param name="Painter">1, or 2 for the second painter.</param>
/// <param name="Hand">What it is done with: tool and technique, as learned times are kept.</param>
/// <param name="Seconds">Likely time with setting up, without waiting.</param>
/// <param name="WaitSeconds">Idle before it.</param>
/// <param name="DryingSeconds">Until it may be worked over.</param>
public sealed record ChairStep(
    [property: StringLength(Limits.LongestWords, MinimumLength = 1)] string Key,
    [property: StringLength(Limits.LongestWords)] string Title,
    [property: Range(1, 2)] int Painter,
    [property: StringLength(Limits.LongestWords)] string Hand,
    [property: Range(0, 86_400)] double Seconds,
    [property: Range(0, 86_400)] double WaitSeconds,
    [property: Range(0, 86_400)] double DryingSeconds)
{
    /// <summary>Ids of the parts whose coats it lays.</summary>
    [MaxLength(Limits.MostParts)]
    public IReadOnlyList<string> Parts { get; init => field = value ?? []; } = [];

    /// <summary>The coats that it lays; none when only its parts are known.</summary>
    [MaxLength(Limits.MostInOrder)]
    public IReadOnlyList<ChairCoat> Coats { get; init => field = value ?? []; } = [];

    /// <summary>What must be done before it.</summary>
    [MaxLength(Limits.MostInOrder)]
    public IReadOnlyList<ChairGround> After { get; init => field = value ?? []; } = [];

    /// <summary>Of its seconds: taking up tool and paint, and the pose.</summary>
    [Range(0, 86_400)]
    public double SetUpSeconds { get; init; }

    /// <summary>How far its seconds may be off, as a standard deviation.</summary>
    [Range(0, 86_400)]
    public double SdSeconds { get; init; }

    /// <summary>Strokes at the usual rates, whoever paints; 0 when unknown.</summary>
    [Range(0, 86_400)]
    public double UsualWorkSeconds { get; init; }

    /// <summary>Setting up at the usual rates, whoever paints.</summary>
    [Range(0, 86_400)]
    public double UsualSetUpSeconds { get; init; }
}

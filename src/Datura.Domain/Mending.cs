using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A preparing or mending step of a look.</summary>
/// <param name="Coat">The coat it is done for, named part/role; nothing is done while that is not painted.</param>
/// <param name="TakenOut">The plan proposes it and the painter does not want it.</param>
/// <param name="Seconds">What it takes this painter; null for what is reckoned.</param>
public sealed record Mending(MendingKind Kind, [property: StringLength(2 * Limits.LongestName, MinimumLength = 1)] string Coat, bool TakenOut = false, [property: Range(1, Mending.MostSeconds)] double? Seconds = null)
{
    public const int MostSeconds = 3600;

    /// <summary>Of one look at the most.</summary>
    public const int Most = 400;
}

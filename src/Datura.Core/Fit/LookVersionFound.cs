using Datura.Core.Order;

namespace Datura.Core.Fit;

/// <summary>A look with some of its parts quicker or left out.</summary>
/// <param name="Versions">Parts that are not painted in full, by id; the computed form is called form.</param>
/// <param name="Likely">Likely length of the session.</param>
/// <param name="AtConfidenceSeconds">Length that the asked-for share of sessions does not exceed.</param>
/// <param name="Kept">Share of the full picture that is kept, 0 (bare skin) to 1; what is only an extra counts half.</param>
/// <param name="Words">What is done differently, a line a part.</param>
public sealed record LookVersionFound(
    IReadOnlyDictionary<string, PartVersion> Versions, DurationEstimate Likely, double AtConfidenceSeconds, double Kept, IReadOnlyList<string> Words)
{
    /// <summary>Roles whose coats are left out, by the part's id; those parts are painted otherwise in full.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<string>> Without { get; init; } = new Dictionary<string, IReadOnlyList<string>>();

    /// <summary>Whether it is all of the look.</summary>
    public bool IsAll => Versions.Count == 0 && Without.Count == 0;
}

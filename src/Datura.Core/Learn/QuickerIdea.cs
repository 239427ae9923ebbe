namespace Datura.Core.Learn;

/// <summary>One change with what it saves and what it costs the picture.</summary>
/// <param name="What">The coat or part it is about, in words; empty for the whole look.</param>
/// <param name="Instead">What comes in its place, in words; empty for nothing.</param>
/// <param name="SavedSeconds">Of the likely length.</param>
/// <param name="LostDeltaE">How far the painted face moves away from the look, mean ΔE00 over what is painted.</param>
public sealed record QuickerIdea(QuickerKind Kind, string What, string Instead, double SavedSeconds, double LostDeltaE)
{
    // Less than this nobody sees on a whole face.
    private const double Unseen = 0.05;

    /// <summary>By how it is ranked: seconds for each ΔE00; what costs nothing comes first.</summary>
    public double SecondsPerDeltaE => SavedSeconds / Math.Max(Unseen, LostDeltaE);
}

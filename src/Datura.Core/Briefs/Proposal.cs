namespace Datura.Core.Briefs;

/// <summary>A whole face to choose from.</summary>
/// <param name="Which">Its place among those drawn from the seed.</param>
/// <param name="Whys">Why it is as it is.</param>
/// <param name="GivenUp">What was given up so that it could be; empty when nothing was.</param>
public sealed record Proposal(string Title, Idea Idea, int Which, PlannedLook Planned, Look Look, IReadOnlyList<Remark> Whys, IReadOnlyList<Remark> GivenUp)
{
    /// <summary>Ids of the parts that tell what it is.</summary>
    public IReadOnlySet<string> Tells { get; init; } = new HashSet<string>();
}

namespace Datura.Web;

/// <summary>A whole face to choose from.</summary>
/// <param name="Title">What leads it.</param>
/// <param name="AtConfidenceSeconds">As long as the surety that was asked for needs.</param>
/// <param name="StopSeconds">When one may stop before the end.</param>
/// <param name="Whys">Why it is as it is, in sentences.</param>
/// <param name="GivenUp">What was given up so that it could be.</param>
/// <param name="Tells">Ids of the parts that tell what it is.</param>
public sealed record ProposalResource(string Title, string Idea, Look Look, double LikelySeconds, double AtConfidenceSeconds, int Steps, IReadOnlyList<double> StopSeconds,
    IReadOnlyList<string> Whys, IReadOnlyList<string> GivenUp, IReadOnlyList<string> Tells);

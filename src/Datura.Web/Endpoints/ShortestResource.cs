namespace Datura.Web;

/// <summary>The shortest order found.</summary>
/// <param name="Sequence">Coats in their order, to be kept in the look.</param>
/// <param name="NowSeconds">Length of the order on screen.</param>
/// <param name="Gap">How much longer than the best conceivable it may be, as a share.</param>
public sealed record ShortestResource(IReadOnlyList<string> Sequence, double TotalSeconds, double NowSeconds, double NaiveSeconds, double BoundSeconds, double Gap, bool Proven);

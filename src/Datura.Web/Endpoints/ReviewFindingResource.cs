using Datura.Core.Review;

namespace Datura.Web;

/// <summary>One thing that came out otherwise than planned.</summary>
/// <param name="X">Where, on the chart, mm.</param>
/// <param name="Y">Where, on the chart, mm.</param>
/// <param name="Spots">Where in each photo, px by turns; below 0 where it is not seen.</param>
public sealed record ReviewFindingResource(FindingKind Kind, string PartId, Side Side, string Words, string Mending, double MendingMinutes, double X, double Y, IReadOnlyList<double> Spots);

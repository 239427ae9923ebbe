using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A shade from an edge that is there: pulled out with a damp brush, without a second paint (common practice).</summary>
/// <param name="Mm">How far, until nothing is left.</param>
public sealed record PullOut([property: Range(1, 40)] double Mm = 8, PullTowards Towards = PullTowards.AllRound);

namespace Datura.Web;

/// <summary>What would make a look quicker.</summary>
public sealed record QuickerResource(IReadOnlyList<Datura.Core.Learn.CostlyStep> Costly, IReadOnlyList<Datura.Core.Learn.QuickerIdea> Ideas);

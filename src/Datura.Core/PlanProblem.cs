namespace Datura.Core;

/// <summary>Something in a look, face, kit or setting that cannot be planned, named so that it can be mended.</summary>
/// <param name="Field">Where it stands, for example parts[2].kind.</param>
public sealed record PlanProblem(string Field, string Sentence);

/// <summary>The plan cannot be made; nothing was changed.</summary>
public sealed class PlanException(IReadOnlyList<PlanProblem> problems) : Exception(string.Join(" ", problems.Select(p => p.Sentence)))
{
    public IReadOnlyList<PlanProblem> Problems { get; } = problems;
}

namespace Datura.Domain;

/// <summary>The plan cannot be made; nothing was changed.</summary>
public sealed class PlanException(IReadOnlyList<Problem> problems) : Exception(string.Join(" ", problems.Select(p => p.Sentence)))
{
    public IReadOnlyList<Problem> Problems { get; } = problems;
}

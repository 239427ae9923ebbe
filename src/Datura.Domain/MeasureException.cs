namespace Datura.Domain;

/// <summary>Measures that cannot be taken from one person.</summary>
public sealed class MeasureException(IReadOnlyList<Problem> problems)
    : Exception(string.Join(" ", problems.Select(p => p.Sentence)))
{
    public IReadOnlyList<Problem> Problems { get; } = problems;
}

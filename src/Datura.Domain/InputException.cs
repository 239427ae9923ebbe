namespace Datura.Domain;

/// <summary>A value that Datura was given cannot be; nothing was changed.</summary>
public sealed class InputException(Problem problem) : Exception(problem.Sentence)
{
    public InputException(string field, ProblemCode code, params (string Name, object Value)[] values)
        : this(Problem.Of(field, code, values))
    {
    }

    public Problem Problem => problem;

    /// <summary>The same of a value that stands at another place, with more to say of it.</summary>
    public InputException At(string field, params (string Name, object Value)[] more) =>
        new(problem with { Field = field, Values = problem.Values.Concat(more.Select(m => KeyValuePair.Create(m.Name, m.Value))).DistinctBy(v => v.Key).ToDictionary() });
}

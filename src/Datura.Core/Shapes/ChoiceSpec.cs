namespace Datura.Core.Shapes;

/// <summary>One of a few words.</summary>
public sealed record ChoiceSpec : ParameterSpec
{
    internal ChoiceSpec(string id, string label, string hint, int standard, IReadOnlyList<string> choices)
        : base(id, label, hint, ParameterType.Choice, 0, choices.Count - 1, 1, _ => standard, choices)
    {
    }
}

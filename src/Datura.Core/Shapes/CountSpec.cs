namespace Datura.Core.Shapes;

/// <summary>How many.</summary>
public sealed record CountSpec : NumberSpec
{
    internal CountSpec(string id, string label, string hint, int least, int most, int standard)
        : base(id, label, hint, ParameterType.Count, least, most, 1, _ => standard) => FixedDefault = standard;
}

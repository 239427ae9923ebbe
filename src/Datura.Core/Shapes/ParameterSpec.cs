using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>What a parameter is, so that the inspector can be drawn from it.</summary>
public enum ParameterType
{
    LengthMm,
    AngleDeg,
    Ratio,
    Count,
    Choice,
    Zones,
}

/// <summary>Describes one parameter of a kind, and is the handle by which the kind reads it.</summary>
/// <param name="Id">Name in the look file.</param>
/// <param name="Label">The painter's words.</param>
/// <param name="Hint">What it does, one short sentence.</param>
/// <param name="Least">Smallest sane value; unused for choices and zones.</param>
/// <param name="Most">Largest sane value.</param>
/// <param name="Step">What one press of an arrow key changes.</param>
/// <param name="Default">Value sized to a face; for a choice the index, for zones unused.</param>
/// <param name="Choices">Names of a choice, or of the zones chosen by default.</param>
public abstract record ParameterSpec(
    string Id, string Label, string Hint, ParameterType Type, double Least, double Most, double Step,
    Func<FittedBody, double> Default, IReadOnlyList<string> Choices)
{
    /// <summary>Value that is the same on every face; null when it depends on the face.</summary>
    public double? FixedDefault { get; protected init; }

    public static NumberSpec Length(string id, string label, string hint, double least, double most, Func<FittedBody, double> standard, double step = 1) =>
        new(id, label, hint, ParameterType.LengthMm, least, most, step, standard);

    public static NumberSpec Length(string id, string label, string hint, double least, double most, double standard, double step = 1) =>
        Length(id, label, hint, least, most, _ => standard, step);

    public static NumberSpec Angle(string id, string label, string hint, double least, double most, double standard) =>
        new(id, label, hint, ParameterType.AngleDeg, least, most, 1, _ => standard);

    public static NumberSpec Ratio(string id, string label, string hint, double least, double most, double standard) =>
        new(id, label, hint, ParameterType.Ratio, least, most, 0.05, _ => standard);

    public static CountSpec Count(string id, string label, string hint, int least, int most, int standard) => new(id, label, hint, least, most, standard);

    public static ChoiceSpec Choice(string id, string label, string hint, int standard, params string[] choices) => new(id, label, hint, standard, choices);

    public static ZonesSpec ZoneSet(string id, string label, string hint, IReadOnlyList<Zone> standard) => new(id, label, hint, standard);
}

/// <summary>A length (mm), angle (°) or ratio.</summary>
public record NumberSpec : ParameterSpec
{
    internal NumberSpec(string id, string label, string hint, ParameterType type, double least, double most, double step, Func<FittedBody, double> standard)
        : base(id, label, hint, type, least, most, step, standard, [])
    {
    }
}

/// <summary>How many.</summary>
public sealed record CountSpec : NumberSpec
{
    internal CountSpec(string id, string label, string hint, int least, int most, int standard)
        : base(id, label, hint, ParameterType.Count, least, most, 1, _ => standard) => FixedDefault = standard;
}

/// <summary>One of a few words.</summary>
public sealed record ChoiceSpec : ParameterSpec
{
    internal ChoiceSpec(string id, string label, string hint, int standard, IReadOnlyList<string> choices)
        : base(id, label, hint, ParameterType.Choice, 0, choices.Count - 1, 1, _ => standard, choices)
    {
    }
}

/// <summary>A set of zones.</summary>
public sealed record ZonesSpec : ParameterSpec
{
    internal ZonesSpec(string id, string label, string hint, IReadOnlyList<Zone> standard)
        : base(id, label, hint, ParameterType.Zones, 0, 0, 0, _ => 0, [.. standard.Select(z => z.Name())]) => Standard = standard;

    public IReadOnlyList<Zone> Standard { get; }
}

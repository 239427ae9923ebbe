using Datura.Core.Body;

namespace Datura.Core.Shapes;

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

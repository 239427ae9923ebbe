namespace Datura.Domain;

/// <summary>Something in a look, face, kit or setting that cannot be, as data. The sentence is made from it and never read back.</summary>
/// <param name="Field">Where it stands, for example parts[2].kind, or the id of a measure.</param>
public sealed record Problem(string Field, ProblemCode Code)
{
    /// <summary>Words and numbers that the sentence takes up.</summary>
    public IReadOnlyDictionary<string, object> Values { get; init; } = new Dictionary<string, object>();

    public string Sentence => Catalogue.Of(Code).Filled(Values);

    public static Problem Of(string field, ProblemCode code, params (string Name, object Value)[] values) =>
        new(field, code) { Values = values.ToDictionary(v => v.Name, v => v.Value) };
}

namespace Datura.Domain;

/// <summary>A remark as data; the sentence is made from it.</summary>
public sealed record Remark(RemarkCode Code)
{
    /// <summary>Words and numbers that the sentence takes up.</summary>
    public IReadOnlyDictionary<string, object> Values { get; init; } = new Dictionary<string, object>();

    public string Sentence => Catalogue.Of(Code).Filled(Values);

    public static Remark Of(RemarkCode code, params (string Name, object Value)[] values) => new(code) { Values = values.ToDictionary(v => v.Name, v => v.Value) };
}

namespace Datura.Domain;

/// <summary>A part as it is spoken of.</summary>
public sealed record NamedPart(string Id, string Label);

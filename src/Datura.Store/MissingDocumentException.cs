namespace Datura.Store;

/// <summary>There is no such document, or it was removed.</summary>
public sealed class MissingDocumentException(string kind, string id)
    : Exception($"no {kind} {id}")
{
    public string Kind => kind;

    public string Id => id;
}

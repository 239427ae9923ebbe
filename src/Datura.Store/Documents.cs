namespace Datura.Store;

/// <summary>A document without its body.</summary>
public sealed record DocumentHead(string Id, string Name, int Revision);

/// <summary>One revision of a document; the body is JSON.</summary>
public sealed record StoredDocument(string Id, string Name, int Revision, string Body);

/// <summary>One line of a document's history.</summary>
public sealed record RevisionHead(int Revision, DateTime SavedAt);

/// <summary>There is no such document, or it was removed.</summary>
public sealed class MissingDocumentException(string kind, string id)
    : Exception($"no {kind} {id}")
{
    public string Kind => kind;

    public string Id => id;
}

/// <summary>Somebody saved in between; nothing was overwritten.</summary>
public sealed class StaleRevisionException(string kind, string id, int read, int current)
    : Exception($"{kind} {id} is at revision {current}, not {read}")
{
    public string Kind => kind;

    public string Id => id;

    public int Read => read;

    public int Current => current;
}

/// <summary>A document of that id exists already.</summary>
public sealed class TakenIdException(string kind, string id)
    : Exception($"{kind} {id} is there already")
{
    public string Kind => kind;

    public string Id => id;
}

namespace Datura.Store;

/// <summary>A document of that id exists already.</summary>
public sealed class TakenIdException(string kind, string id)
    : Exception($"{kind} {id} is there already")
{
    public string Kind => kind;

    public string Id => id;
}

namespace Datura.Store;

/// <summary>Somebody saved in between; nothing was overwritten.</summary>
public sealed class StaleRevisionException(string kind, string id, int read, int current)
    : Exception($"{kind} {id} is at revision {current}, not {read}")
{
    public string Kind => kind;

    public string Id => id;

    public int Read => read;

    public int Current => current;
}

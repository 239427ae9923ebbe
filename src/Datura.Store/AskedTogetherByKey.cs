namespace Datura.Store;

/// <summary>As <see cref="AskedTogether{T}"/>, for questions of many keys: one question for all who ask the same at the same time. Nothing is kept once nobody waits.</summary>
public sealed class AskedTogetherByKey<TKey, T>
    where TKey : notnull
{
    private readonly Lock door = new();
    private readonly Dictionary<TKey, Waiting> waiting = [];

    /// <summary>How many keys are asked for now.</summary>
    public int Keys
    {
        get
        {
            lock (door)
            {
                return waiting.Count;
            }
        }
    }

    /// <param name="ask">The same for everybody with this key; it outlives whoever asked first.</param>
    public async Task<T> AskAsync(TKey key, Func<Task<T>> ask)
    {
        Waiting mine;
        lock (door)
        {
            if (!waiting.TryGetValue(key, out mine!))
            {
                waiting[key] = mine = new(new(ask));
            }

            mine.Count++;
        }

        try
        {
            return await mine.Question.AskAsync();
        }
        finally
        {
            lock (door)
            {
                if (--mine.Count == 0)
                {
                    waiting.Remove(key);
                }
            }
        }
    }

    private sealed class Waiting(AskedTogether<T> question)
    {
        public AskedTogether<T> Question { get; } = question;

        public int Count { get; set; }
    }
}

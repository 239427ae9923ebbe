namespace Datura.Files.Pictures;

/// <summary>Keeps the last few of what is costly to make; the oldest goes when another comes.</summary>
/// <param name="most">How many are kept.</param>
internal sealed class FewKept<TKey, TValue>(int most)
    where TKey : notnull
{
    private readonly Dictionary<TKey, TValue> kept = [];
    private readonly Queue<TKey> order = new();
    private readonly Lock turn = new();

    /// <summary>What is kept under a key, made when it is not. Two who ask at once may both make it; both get a whole one.</summary>
    public TValue Get(TKey key, Func<TValue> make)
    {
        lock (turn)
        {
            if (kept.TryGetValue(key, out var found))
            {
                return found;
            }
        }

        var made = make();
        lock (turn)
        {
            if (kept.TryAdd(key, made))
            {
                order.Enqueue(key);
                if (order.Count > most)
                {
                    kept.Remove(order.Dequeue());
                }
            }
        }

        return made;
    }
}

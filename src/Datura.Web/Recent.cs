using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;

namespace Datura.Web;

/// <summary>Remembers the last results by a hash of their whole input; forgetting one only costs time.</summary>
public sealed class Recent<T>(int most)
{
    private readonly ConcurrentDictionary<string, (Lazy<T> Value, long Used)> kept = new();
    private long clock;

    public T Get(string input, Func<T> make)
    {
        var key = Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(input)));
        var entry = kept.AddOrUpdate(
            key, _ => (new(make), Interlocked.Increment(ref clock)), (_, old) => (old.Value, Interlocked.Increment(ref clock)));
        foreach (var old in kept.OrderByDescending(k => k.Value.Used).Skip(most))
        {
            kept.TryRemove(old.Key, out _);
        }

        try
        {
            return entry.Value.Value;
        }
        catch
        {
            kept.TryRemove(key, out _);
            throw;
        }
    }
}

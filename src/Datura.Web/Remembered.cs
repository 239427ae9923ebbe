using System.Security.Cryptography;
using System.Text;
using Microsoft.Extensions.Caching.Memory;

namespace Datura.Web;

/// <summary>Remembers the last results by a hash of their whole input; forgetting one only costs time.</summary>
/// <param name="most">So many at the most.</param>
public sealed class Remembered<T>(int most) : IDisposable
{
    private readonly MemoryCache kept = new(new MemoryCacheOptions());
    private readonly Lock adding = new();

    /// <param name="input">The whole input as text.</param>
    /// <param name="make">Computes it; two that ask for the same at once wait for one computation.</param>
    /// <param name="cancel">Whoever asks may go; another who waits for the same then computes it anew.</param>
    public T Get(string input, Func<T> make, CancellationToken cancel = default)
    {
        var key = Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(input)));
        while (true)
        {
            cancel.ThrowIfCancellationRequested();
            var entry = Entry(key, make);
            try
            {
                return entry.Value;
            }
            catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
            {
                kept.Remove(key);
            }
            catch
            {
                kept.Remove(key);
                throw;
            }
        }
    }

    private Lazy<T> Entry(string key, Func<T> make)
    {
        lock (adding)
        {
            if (!kept.TryGetValue(key, out Lazy<T>? entry))
            {
                if (kept.Count >= most)
                {
                    // The one not used for longest. A size limit of the cache itself would not keep the newest.
                    kept.Compact(1.0 / most);
                }

                entry = kept.Set(key, new Lazy<T>(make));
            }

            return entry!;
        }
    }

    public void Dispose() => kept.Dispose();
}

using System.Security.Cryptography;
using System.Text;
using Microsoft.Extensions.Caching.Memory;

namespace Datura.Web;

/// <summary>Remembers the last results by a hash of their whole input; forgetting one only costs time.</summary>
/// <param name="most">So many at the most.</param>
public sealed class Remembered<T>(int most) : IDisposable
{
    // What nobody asks for is not kept for long, whoever it is about.
    private static readonly MemoryCacheEntryOptions Unused = new() { SlidingExpiration = TimeSpan.FromMinutes(20) };

    private readonly MemoryCache kept = new(new MemoryCacheOptions());
    private readonly Lock adding = new();

    /// <summary>Computes it on the thread of who asks first; whoever asks for the same meanwhile waits without holding a thread.</summary>
    /// <param name="input">The whole input as text.</param>
    /// <param name="make">Computes it.</param>
    /// <param name="cancel">Whoever asks may go; another who waits for the same then computes it anew.</param>
    public async Task<T> GetAsync(string input, Func<T> make, CancellationToken cancel = default)
    {
        var key = Key(input);
        while (true)
        {
            cancel.ThrowIfCancellationRequested();
            var (entry, own) = Entry(key);
            if (own)
            {
                return Made(key, entry, make);
            }

            try
            {
                return await entry.Task.WaitAsync(cancel);
            }
            catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
            {
                // Who computed it went away.
            }
        }
    }

    private T Made(string key, TaskCompletionSource<T> entry, Func<T> make)
    {
        try
        {
            var made = make();
            entry.SetResult(made);
            return made;
        }
        catch (Exception fault)
        {
            kept.Remove(key);
            if (fault is OperationCanceledException)
            {
                entry.SetCanceled();
            }
            else
            {
                entry.SetException(fault);
                // Looked at, so that it does not count as forgotten when nobody else waits.
                _ = entry.Task.Exception;
            }

            throw;
        }
    }

    private (TaskCompletionSource<T> Entry, bool Own) Entry(string key)
    {
        lock (adding)
        {
            if (kept.TryGetValue(key, out TaskCompletionSource<T>? entry))
            {
                return (entry!, false);
            }

            if (kept.Count >= most)
            {
                // The one not used for longest. A size limit of the cache itself would not keep the newest.
                kept.Compact(1.0 / most);
            }

            return (kept.Set(key, new TaskCompletionSource<T>(TaskCreationOptions.RunContinuationsAsynchronously), Unused), true);
        }
    }

    /// <summary>What was computed before; false when it was not, or is just being.</summary>
    public bool TryFind(string input, [System.Diagnostics.CodeAnalysis.NotNullWhen(true)] out T? made)
    {
        made = default;
        if (!kept.TryGetValue(Key(input), out TaskCompletionSource<T>? entry) || !entry!.Task.IsCompletedSuccessfully)
        {
            return false;
        }

        made = entry.Task.Result!;
        return true;
    }

    private static string Key(string input) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(input)));

    /// <summary>Forgets everything; what is being computed is finished for those who wait.</summary>
    public void Forget() => kept.Clear();

    public void Dispose() => kept.Dispose();
}

namespace Datura.Web.Computing;

/// <summary>
/// Lets as many compute at once as there are places, so that plain reads always find a thread and memory stays bounded. Who waits is
/// let in hands on the screen first, then by turns of who asks, then by age. Nobody blocks a thread while waiting.
/// </summary>
/// <param name="places">Computations at once, at least one; batches never take them all unless there is one alone.</param>
/// <param name="mostWaiting">Beyond so many waiting the next is refused.</param>
public sealed class ComputeQueue(int places, int mostWaiting)
{
    private readonly Lock gate = new();
    private readonly List<Waiter> waiting = [];
    private readonly Dictionary<string, long> lastTurn = [];
    private readonly int mostBatches = Math.Max(1, places - 1);
    private int running;
    private int batches;
    private long turn;

    /// <summary>How many wait now.</summary>
    public int Waiting
    {
        get
        {
            lock (gate)
            {
                return waiting.Count;
            }
        }
    }

    /// <summary>Waits for a place; disposing gives it back.</summary>
    /// <exception cref="BusyException">Too many wait.</exception>
    /// <exception cref="ReplacedException">The same screen asked anew while this waited.</exception>
    /// <exception cref="OperationCanceledException">Whoever asked is gone.</exception>
    public async Task<IDisposable> EnterAsync(ComputeRequest request, CancellationToken cancel = default)
    {
        cancel.ThrowIfCancellationRequested();
        Waiter own;
        lock (gate)
        {
            if (request.Screen is not null && waiting.FirstOrDefault(w => w.Request.Screen == request.Screen) is { } older)
            {
                waiting.Remove(older);
                older.Place.TrySetException(new ReplacedException());
            }

            if (waiting.Count >= mostWaiting)
            {
                throw new BusyException(waiting.Count);
            }

            own = new(request);
            waiting.Add(own);
            LetIn();
        }

        await using (cancel.Register(() => Leave(own, cancel)))
        {
            return await own.Place.Task;
        }
    }

    private void Leave(Waiter waiter, CancellationToken cancel)
    {
        lock (gate)
        {
            if (waiting.Remove(waiter))
            {
                waiter.Place.TrySetCanceled(cancel);
            }
        }
    }

    // Under the lock.
    private void LetIn()
    {
        while (running < places && Next() is { } next)
        {
            waiting.Remove(next);
            running++;
            batches += next.IsBatch ? 1 : 0;
            lastTurn[next.Request.Who] = ++turn;
            next.Place.TrySetResult(new Place(() => Return(next)));
        }

        if (running == 0 && waiting.Count == 0)
        {
            lastTurn.Clear();
        }
    }

    private Waiter? Next() => waiting.Where(w => !w.IsBatch || batches < mostBatches)
        .OrderBy(w => w.IsBatch).ThenBy(w => lastTurn.GetValueOrDefault(w.Request.Who)).FirstOrDefault();

    private void Return(Waiter waiter)
    {
        lock (gate)
        {
            running--;
            batches -= waiter.IsBatch ? 1 : 0;
            LetIn();
        }
    }

    private sealed class Waiter(ComputeRequest request)
    {
        public ComputeRequest Request => request;

        public bool IsBatch => request.Urgency == Urgency.Batch;

        // Whoever is let in goes on on a thread of its own, not on that of who leaves.
        public TaskCompletionSource<IDisposable> Place { get; } = new(TaskCreationOptions.RunContinuationsAsynchronously);
    }

    private sealed class Place(Action leave) : IDisposable
    {
        private Action? leave = leave;

        public void Dispose() => Interlocked.Exchange(ref leave, null)?.Invoke();
    }
}

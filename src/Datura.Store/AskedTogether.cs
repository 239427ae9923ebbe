namespace Datura.Store;

/// <summary>
/// One question for all who ask at the same time. Whoever asks while it is being answered shares the next one, so that no answer is older
/// than its question.
/// </summary>
public sealed class AskedTogether<T>(Func<Task<T>> ask)
{
    private readonly Lock door = new();
    private Task<T>? asked;
    private Task<T>? next;

    public Task<T> AskAsync()
    {
        lock (door)
        {
            return asked is null or { IsCompleted: true } ? asked = ask() : next ??= AfterAsync(asked);
        }
    }

    private async Task<T> AfterAsync(Task<T> before)
    {
        await ((Task)before).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing | ConfigureAwaitOptions.ForceYielding);
        Task<T> answer;
        lock (door)
        {
            // From here on whoever asks is too late for this question.
            answer = ask();
            (asked, next) = (answer, null);
        }

        return await answer;
    }
}

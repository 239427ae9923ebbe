namespace Datura.Core.Days.Live;

/// <summary>Whether events of a queue can be kept.</summary>
public static class LiveCheck
{
    /// <exception cref="InputException">One of them cannot be, or there are too many.</exception>
    public static void Check(IReadOnlyList<QueueEvent> events)
    {
        if (events.Count > QueueEvent.Most || events.Any(e => !IsSound(e)))
        {
            throw new InputException("events", ProblemCode.QueueEvents, ("most", QueueEvent.Most));
        }
    }

    private static bool IsSound(QueueEvent? one) => one is { Id: { Length: > 0 and <= QueueEvent.LongestId } } && Enum.IsDefined(one.Kind) && one.At.Year is > 1950 and < 2200
        && (one.Ticket?.Length ?? 0) <= QueueEvent.LongestId && (one.Look?.Length ?? 0) <= Limits.LongestName && (one.Painter?.Length ?? 0) <= Limits.LongestName
        && (one.Name?.Length ?? 0) <= Limits.LongestName && (one.Kind != QueueEventKind.Joined || one.Look is { Length: > 0 });
}

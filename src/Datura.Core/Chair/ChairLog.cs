namespace Datura.Core.Chair;

/// <summary>Events of several devices as one story: none lost, none doubled, every device's own order kept.</summary>
public static class ChairLog
{
    /// <summary>
    /// Every event once, in one order that does not depend on how they arrived. A clock that was set back does not turn a device's order round:
    /// an event is no earlier than the one before it on the same device.
    /// </summary>
    public static IReadOnlyList<ChairEvent> InOrder(IEnumerable<ChairEvent> events)
    {
        var all = new List<ChairEvent>();
        foreach (var device in events.GroupBy(e => e.Id).Select(g => g.MinBy(e => (e.Device, e.Number, e.At))!).GroupBy(e => e.Device))
        {
            var latest = DateTimeOffset.MinValue;
            foreach (var one in device.OrderBy(e => e.Number).ThenBy(e => e.Id, StringComparer.Ordinal))
            {
                latest = one.At > latest ? one.At : latest;
                all.Add(one with { At = latest });
            }
        }

        return [.. all.OrderBy(e => e.At).ThenBy(e => e.Device, StringComparer.Ordinal).ThenBy(e => e.Number).ThenBy(e => e.Id, StringComparer.Ordinal)];
    }
}

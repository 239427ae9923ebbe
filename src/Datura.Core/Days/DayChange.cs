namespace Datura.Core.Days;

/// <summary>What one change of a day does, met by the same people.</summary>
/// <param name="LookOut">Line of the menu that is not offered any more; null for one more painter.</param>
/// <param name="PaintedMore">Faces more than as it is; below 0 fewer.</param>
/// <param name="LeaveMore">Who leave for the wait, more than as it is.</param>
public sealed record DayChange(int? LookOut, double PaintedMore, double LeaveMore, double? LongWaitMinutes)
{
    private const int Days = 200;

    /// <summary>One more painter, and each look of the menu left out.</summary>
    public static IReadOnlyList<DayChange> All(BoothDay day, IReadOnlyList<MenuTime> times)
    {
        var now = DayForecast.Of(day, times, Days);
        DayChange By(int? look, BoothDay changed) => Against(look, now, DayForecast.Of(changed, times, Days));
        var offered = day.Menu.Select((l, k) => (l, k)).Where(l => l.l.Offered).ToArray();
        return
        [
            By(null, day with { Painters = [.. day.Painters, new BoothPainter("One more")] }),
            .. offered.Length > 1 ? offered.Select(l => By(l.k, day with { Menu = [.. day.Menu.Select((m, k) => k == l.k ? m with { Offered = false } : m)] })) : [],
        ];
    }

    private static DayChange Against(int? look, DayForecast now, DayForecast then) => new(look, then.Painted - now.Painted, then.Leave - now.Leave, then.LongWaitMinutes);
}

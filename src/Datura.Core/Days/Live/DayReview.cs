namespace Datura.Core.Days.Live;

/// <summary>What a day came to, and what it says about the next.</summary>
/// <param name="WaitMinutes">Middle wait of who was painted; null where nobody was.</param>
/// <param name="LongWaitMinutes">Nine of ten waited no longer.</param>
/// <param name="Takings">Null where nothing has a price.</param>
/// <param name="Arrivals">How many came, hour by hour.</param>
public sealed record DayReview(
    int Tickets, int Painted, int NoShows, int Left, double? WaitMinutes, double? LongWaitMinutes, double? Takings,
    IReadOnlyList<LookDone> Looks, IReadOnlyList<PainterDone> Painters, IReadOnlyList<ArrivalRate> Arrivals)
{
    // Of fewer faces a painter's pace is not taken over (by judgement).
    private const int LeastFaces = 5;

    // Eight of ten of a bell curve lie within so many standard deviations.
    private const double EightOfTen = 1.2816;

    /// <param name="times">By line of the menu.</param>
    public static DayReview Of(BoothDay day, IReadOnlyList<MenuTime> times, LiveQueue queue)
    {
        var done = queue.Tickets.Where(t => t.State == LiveState.Done).ToArray();
        var waits = done.Select(t => t.WaitedMinutes!.Value).Order().ToArray();
        var line = day.Menu.Select((l, k) => (l.Look, k)).GroupBy(l => l.Look).ToDictionary(g => g.Key, g => g.First().k);
        LookDone[] looks = [.. day.Menu.Select((l, k) =>
        {
            var painted = done.Where(t => t.Look == l.Look).ToArray();
            return new LookDone(l.Look, queue.Tickets.Count(t => t.Look == l.Look), painted.Length, times[k].Minutes, painted.Length == 0 ? null : painted.Average(t => t.PaintedMinutes!.Value), l.Price * painted.Length);
        })];
        double Hand(string? painter) => (day.Painters.FirstOrDefault(p => p.Name == painter)?.TimePercent ?? 100) / 100;
        var paces = LivePace.Of(day, queue, t => line.TryGetValue(t.Look, out var k) ? times[k].Minutes * Hand(t.Painter) : null);
        return new(
            queue.Tickets.Count, done.Length, queue.Tickets.Count(t => t.State == LiveState.NoShow), queue.Tickets.Count(t => t.State == LiveState.Left), At(waits, 0.5), At(waits, 0.9),
            looks.Any(l => l.Takings is not null) ? looks.Sum(l => l.Takings ?? 0) : null, looks,
            [.. day.Painters.DistinctBy(p => p.Name).Select(p => Of(p, done.Count(t => t.Painter == p.Name), paces[p.Name]))],
            [.. queue.Tickets.GroupBy(t => t.JoinedAt.Hour).OrderBy(g => g.Key).Select(g => new ArrivalRate(60 * g.Key, g.Count()))]);
    }

    /// <summary>A day like it, with what was learned: how quick its painters were, what was wanted, who came when.</summary>
    public BoothDay Next(BoothDay day)
    {
        var wanted = Looks.GroupBy(l => l.Look).ToDictionary(g => g.Key, g => g.First().Wanted);
        var learned = Painters.ToDictionary(p => p.Painter);
        return day with
        {
            On = null,
            Menu = [.. day.Menu.Select(l => Tickets == 0 ? l : l with { Wanted = l.Offered ? wanted[l.Look] : l.Wanted })],
            Painters = [.. day.Painters.Select(p => learned[p.Name] is { Faces: >= LeastFaces } l ? p with { TimePercent = Math.Clamp(Math.Round(l.LearnedPercent), 20, 500) } : p)],
            Arrivals = Arrivals.Count == 0 ? day.Arrivals : Arrivals,
            // Who came at once is among those who came.
            Bursts = Arrivals.Count == 0 ? day.Bursts : [],
        };
    }

    private static PainterDone Of(BoothPainter painter, int faces, LivePace pace)
    {
        var percent = painter.TimePercent * pace.Factor;
        return new(painter.Name, faces, painter.TimePercent, percent, percent * (Math.Exp(EightOfTen * Math.Sqrt(pace.Variance)) - 1));
    }

    private static double? At(double[] sorted, double share) => sorted.Length == 0 ? null : sorted[(int)(share * (sorted.Length - 1))];
}

using MathNet.Numerics.Distributions;

namespace Datura.Core.Days.Live;

/// <summary>What is ahead of a queue, from many ways that the rest of the day may go.</summary>
/// <param name="Waits">Of every ticket that waits, by its id; none where nobody will paint it.</param>
/// <param name="NewWait">Of one who took a ticket now; null when nobody would paint it.</param>
/// <param name="LastDoneMinutes">From now until the last of those who wait is done.</param>
/// <param name="InTimeChance">Of all who wait being done before the booth ends; null when its time of day is not known.</param>
/// <param name="StillTakes">Whether one more could be done before the booth ends, with the chance that the day wants.</param>
public sealed record LiveOutlook(
    IReadOnlyDictionary<string, LiveWait> Waits, LiveWait? NewWait, LiveWait LastDoneMinutes, double? InTimeChance, bool StillTakes, IReadOnlyDictionary<string, LivePace> Paces)
{
    private const int Ways = 300;
    private const double Low = 0.1;
    private const double High = 0.9;

    // Of a look that is not on the menu any more.
    private static readonly MenuTime Unknown = new(5, 2);

    /// <param name="times">By line of the menu, minutes as planned.</param>
    /// <param name="now">The time that the clock on the booth's devices has.</param>
    public static LiveOutlook Of(BoothDay day, IReadOnlyList<MenuTime> times, LiveQueue queue, DateTimeOffset now, int seed = 1)
    {
        var line = day.Menu.Select((l, k) => (l.Look, k)).GroupBy(l => l.Look).ToDictionary(g => g.Key, g => g.First().k);
        MenuTime TimeOf(string look) => line.TryGetValue(look, out var k) ? times[k] : Unknown;
        double Hand(string? painter) => (day.Painters.FirstOrDefault(p => p.Name == painter)?.TimePercent ?? 100) / 100;
        var paces = LivePace.Of(day, queue, t => TimeOf(t.Look).Minutes * Hand(t.Painter));
        var minute = now.TimeOfDay.TotalMinutes;
        var there = day with { Painters = [.. day.Painters.Where(p => !queue.Away.Contains(p.Name) || queue.With(p.Name) is not null)] };
        LiveTicket[] waiting = [.. queue.Waiting];
        // One more, of what is wanted most: how long would a newcomer wait?
        var most = day.Menu.Where(l => l.Offered).OrderByDescending(l => l.Wanted).FirstOrDefault() is { } l ? line[l.Look] : -1;
        IReadOnlyList<MenuTime> all = [.. times, Unknown];
        int IndexOf(string look) => line.TryGetValue(look, out var k) ? k : times.Count;
        int[] looks = [.. waiting.Select(t => IndexOf(t.Look)), .. most >= 0 ? [most] : Array.Empty<int>()];

        var begins = new double[looks.Length, Ways];
        var (ends, inTime, oneMore) = (new double[Ways], 0, 0);
        for (var way = 0; way < Ways; way++)
        {
            var random = SeededRandom.For(seed, FormattableString.Invariant($"way {way}"));
            var day0 = Normal01(random);
            double PaceOf(string painter) => paces.TryGetValue(painter, out var p) ? Math.Exp(p.Log + Math.Sqrt(p.Variance) * day0) : 1;
            var free = there.Painters.Select(p => queue.With(p.Name) is { } sits ? minute + Rest(sits, TimeOf(sits.Look), Hand(p.Name) * PaceOf(p.Name), now, random) + day.BetweenMinutes : minute).ToArray();
            // Who began is where she is, whatever the plan said of her hours; her breaks before now are over.
            var painters = there with
            {
                FromMinute = 0,
                Painters = [.. there.Painters.Select(p => p with { TimePercent = Math.Clamp(p.TimePercent * PaceOf(p.Name), 1, 5000), Breaks = [.. p.Breaks.Where(b => b.AtMinute > minute)] })],
            };
            QueueGuest[] guests = [.. looks.Select(k => new QueueGuest(minute, k, k, double.PositiveInfinity, Slowness(all[k], random)))];
            var stays = DaySimulation.Of(painters, all, guests, freeAt: free);
            ends[way] = 0;
            for (var k = 0; k < looks.Length; k++)
            {
                begins[k, way] = stays[k].Fate == QueueFate.Painted ? stays[k].WaitMinutes : double.PositiveInfinity;
                ends[way] = k < waiting.Length && stays[k].Fate == QueueFate.Painted ? Math.Max(ends[way], stays[k].DoneAt - minute) : ends[way];
            }

            ends[way] = Math.Max(ends[way], free.Length == 0 ? 0 : free.Max() - minute);
            inTime += minute + ends[way] <= day.UntilMinute ? 1 : 0;
            oneMore += stays.Count > waiting.Length && stays[^1] is { Fate: QueueFate.Painted } last && last.DoneAt <= day.UntilMinute ? 1 : 0;
        }

        var waits = new Dictionary<string, LiveWait>();
        for (var k = 0; k < waiting.Length; k++)
        {
            if (At(begins, k) is { } wait)
            {
                waits[waiting[k].Id] = wait;
            }
        }

        Array.Sort(ends);
        return new(
            waits, most >= 0 ? At(begins, waiting.Length) : null, new(ends[(int)(Low * (Ways - 1))], ends[Ways / 2], ends[(int)(High * (Ways - 1))]),
            (double)inTime / Ways, oneMore >= day.InTimeChance * Ways, paces);
    }

    // What is left of a face: of all that take longer than it has by now.
    private static double Rest(LiveTicket sits, MenuTime time, double pace, DateTimeOffset now, SeededRandom random)
    {
        if (sits.BeganAt is not { } began)
        {
            return time.Minutes * pace * Slowness(time, random);
        }

        var gone = Math.Max(0, (now - began).TotalMinutes);
        var (sigma, mean) = Spread(time);
        // The share of all faces that are quicker than it is by now; of the others one by chance.
        var quicker = sigma > 0 && gone > 0 ? Normal.CDF(0, 1, (Math.Log(gone / (time.Minutes * pace)) - mean) / sigma) : 0;
        var at = Math.Clamp(quicker + (1 - quicker) * random.Unit(), 1e-9, 1 - 1e-9);
        return Math.Max(0, time.Minutes * pace * Math.Exp(mean + sigma * Normal.InvCDF(0, 1, at)) - gone);
    }

    private static double Slowness(MenuTime time, SeededRandom random)
    {
        var (sigma, mean) = Spread(time);
        return Math.Exp(mean + sigma * Normal01(random));
    }

    private static (double Sigma, double Mean) Spread(MenuTime time)
    {
        var cv = time.SdMinutes / time.Minutes;
        var square = Math.Log(1 + cv * cv);
        return (Math.Sqrt(square), -square / 2);
    }

    private static double Normal01(SeededRandom random) => Normal.InvCDF(0, 1, Math.Clamp(random.Unit(), 1e-9, 1 - 1e-9));

    private static LiveWait? At(double[,] of, int row)
    {
        var sorted = Enumerable.Range(0, Ways).Select(w => of[row, w]).Order().ToArray();
        double Of(double share) => sorted[(int)(share * (Ways - 1))];
        return double.IsInfinity(Of(High)) ? null : new(Of(Low), Of(0.5), Of(High));
    }
}

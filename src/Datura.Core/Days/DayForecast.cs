namespace Datura.Core.Days;

/// <summary>What a day at the booth will be like, from many simulated ones.</summary>
/// <param name="Come">Mean of how many come.</param>
/// <param name="Painted">Mean of faces painted; eight of ten days lie from <see cref="FewPainted"/> to <see cref="ManyPainted"/>.</param>
/// <param name="Leave">Mean of those who leave for the wait.</param>
/// <param name="TurnedAway">Mean of those who come after the queue is closed.</param>
/// <param name="WantedOther">Mean of those who want nothing that is on the menu.</param>
/// <param name="WaitMinutes">Middle wait of who is painted; null where nobody is.</param>
/// <param name="LongWaitMinutes">Nine of ten who are painted wait no longer.</param>
/// <param name="ClosesAt">When to close the queue so that the last face is done in time, minutes after midnight, to the last five minutes.</param>
/// <param name="BusyShare">Of the painters' time.</param>
/// <param name="Takings">Mean; null where nothing has a price.</param>
/// <param name="OfLook">Mean of faces painted, by line of the menu.</param>
public sealed record DayForecast(
    double Come, double Painted, double FewPainted, double ManyPainted, double Leave, double TurnedAway, double WantedOther, double? WaitMinutes, double? LongWaitMinutes,
    int ClosesAt, double BusyShare, double? Takings, IReadOnlyList<double> OfLook, IReadOnlyList<ForecastHour> Hours)
{
    public const int Days = 1000;

    // A thousand days of three hundred faces; of a crowd fewer days tell as much.
    private const double MostGuests = 400_000;
    private const int FewestDays = 10;

    private const int CloseStep = 5;

    /// <param name="times">By line of the menu.</param>
    /// <param name="days">How many are played at most; fewer where crowds come.</param>
    /// <param name="seed">The same seed meets every menu and crew with the same people.</param>
    public static DayForecast Of(BoothDay day, IReadOnlyList<MenuTime> times, int days = Days, int seed = 1)
    {
        days = DaysFor(day, days, MostGuests);
        var guests = new IReadOnlyList<QueueGuest>[days];
        var lasts = new double[days];
        Parallel.For(0, days, n =>
        {
            guests[n] = DayArrivals.Of(day, times, DayOf(seed, n));
            // Who came before is not held up by who comes later: one day tells every closing time.
            lasts[n] = DaySimulation.Of(day, times, guests[n]).Where(s => s.Fate == QueueFate.Painted && s.DoneAt > day.UntilMinute).Select(s => s.Guest.At).DefaultIfEmpty(day.UntilMinute).First();
        });
        Array.Sort(lasts);
        var closes = Math.Max(day.FromMinute, (int)Math.Floor(lasts[(int)((1 - day.InTimeChance) * (days - 1))] / CloseStep) * CloseStep);
        var played = new IReadOnlyList<QueueStay>[days];
        Parallel.For(0, days, n => played[n] = DaySimulation.Of(day, times, guests[n], closes));

        var painted = played.Select(p => p.Count(s => s.Fate == QueueFate.Painted)).Order().ToArray();
        var waits = Waits(played.SelectMany(p => p));
        double Mean(QueueFate fate) => played.Average(p => p.Count(s => s.Fate == fate));
        double[] ofLook = [.. day.Menu.Select((_, k) => played.Average(p => p.Count(s => s.Fate == QueueFate.Painted && s.Guest.Look == k)))];
        var open = day.Painters.Sum(p => Math.Max(0, Math.Min(day.UntilMinute, p.UntilMinute ?? day.UntilMinute) - Math.Max(day.FromMinute, p.FromMinute ?? day.FromMinute) - p.Breaks.Sum(b => b.Minutes)));
        var busy = played.Average(p => p.Where(s => s.Fate == QueueFate.Painted).Sum(s => s.DoneAt - s.Guest.At - s.WaitMinutes + day.BetweenMinutes));
        return new(
            guests.Average(g => g.Count), painted.Average(), painted[(int)(0.1 * (days - 1))], painted[(int)(0.9 * (days - 1))], Mean(QueueFate.Left), Mean(QueueFate.TurnedAway), Mean(QueueFate.WantedOther),
            At(waits, 0.5), At(waits, 0.9), closes, open > 0 ? Math.Min(1, busy / open) : 0, day.Menu.Any(l => l.Price is not null) ? day.Menu.Select((l, k) => (l.Price ?? 0) * ofLook[k]).Sum() : null, ofLook,
            [.. HoursOf(day, times, played)]);
    }

    /// <summary>So many days that no more guests come than can be played through at once.</summary>
    internal static int DaysFor(BoothDay day, int wanted, double mostGuests, int fewest = FewestDays) => Math.Clamp((int)(mostGuests / Math.Max(1, DayArrivals.Expected(day))), Math.Min(fewest, wanted), wanted);

    /// <summary>The chances of one simulated day.</summary>
    internal static SeededRandom DayOf(int seed, int day) => SeededRandom.For(seed, FormattableString.Invariant($"day {day}"));

    private static IEnumerable<ForecastHour> HoursOf(BoothDay day, IReadOnlyList<MenuTime> times, IReadOnlyList<QueueStay>[] played)
    {
        var byHour = played.SelectMany(p => p).GroupBy(s => (int)(s.Guest.At / 60)).ToDictionary(g => g.Key, g => g.ToArray());
        for (var hour = day.FromMinute / 60; 60 * hour < day.UntilMinute; hour++)
        {
            var stays = byHour.GetValueOrDefault(hour, []);
            var queued = stays.Where(s => s.Fate is QueueFate.Painted or QueueFate.Left).ToArray();
            var waits = Waits(stays);
            double come = stays.Length / (double)played.Length, share = (Math.Min(day.UntilMinute, 60 * hour + 60) - Math.Max(day.FromMinute, 60 * hour)) / 60.0;
            var there = day.Painters.Count(p => (p.FromMinute ?? 0) <= 60 * hour + 30 && (p.UntilMinute ?? BoothDay.MinutesOfDay) >= 60 * hour + 30);
            var (mean, variation) = Face(day, times, queued);
            yield return new(Math.Max(day.FromMinute, 60 * hour), come, At(waits, 0.5), At(waits, 0.9), stays.Count(s => s.Fate == QueueFate.Left) / (double)played.Length,
                SteadyQueue.Of(queued.Length / (double)played.Length / share, there, mean, variation));
        }
    }

    // Of the faces that are wanted then, with what goes between.
    private static (double Mean, double Variation) Face(BoothDay day, IReadOnlyList<MenuTime> times, QueueStay[] queued)
    {
        if (queued.Length == 0 || day.Painters.Count == 0)
        {
            return (day.BetweenMinutes, 0);
        }

        // Work is shared out, so that the quick paint more: rates add up.
        var pace = day.Painters.Count / day.Painters.Sum(p => 100 / p.TimePercent);
        var mean = queued.Average(s => times[s.Guest.Look].Minutes * pace);
        var square = queued.Average(s => (Math.Pow(times[s.Guest.Look].Minutes, 2) + Math.Pow(times[s.Guest.Look].SdMinutes, 2)) * pace * pace);
        return (mean + day.BetweenMinutes, Math.Sqrt(Math.Max(0, square - mean * mean)) / (mean + day.BetweenMinutes));
    }

    private static double[] Waits(IEnumerable<QueueStay> stays) => [.. stays.Where(s => s.Fate == QueueFate.Painted).Select(s => s.WaitMinutes).Order()];

    private static double? At(double[] sorted, double share) => sorted.Length == 0 ? null : sorted[(int)(share * (sorted.Length - 1))];
}

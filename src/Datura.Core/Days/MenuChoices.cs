namespace Datura.Core.Days;

/// <summary>
/// Which menu paints most faces with the least loss of what people wanted. Every choice of looks meets the same people on the same days; of
/// long menus only the choices that look best by the sum of their minutes are played.
/// </summary>
public static class MenuChoices
{
    private const int Played = 256;
    private const int Days = 120;
    private const double MostGuests = 4_000_000;

    /// <summary>The choices that nothing beats in both: from the most faces to the most wishes.</summary>
    /// <param name="closesAt">Whoever comes later is turned away, minutes after midnight.</param>
    public static IReadOnlyList<MenuChoice> Of(BoothDay day, IReadOnlyList<MenuTime> times, double closesAt, int seed = 1)
    {
        var sets = Enumerable.Range(1, (1 << day.Menu.Count) - 1).Where(set => Offered(day, set).Menu.All(l => !l.Offered || l.Wanted > 0));
        if (day.Menu.Count > 8)
        {
            sets = sets.OrderByDescending(set => BySum(day, times, DayArrivals.Expected(day), set)).Take(Played);
        }

        int[] tried = [.. sets];
        var days = DayForecast.DaysFor(day, Days, MostGuests / Math.Max(1, tried.Length), fewest: 1);

        var best = new List<MenuChoice>();
        foreach (var one in tried.AsParallel().AsOrdered().Select(set => Play(day, times, closesAt, seed, days, set)).AsSequential()
            .OrderByDescending(c => c.Painted).ThenByDescending(c => c.AsWished).ThenBy(c => c.Looks.Count))
        {
            if (best.Count == 0 || one.AsWished > best[^1].AsWished + 1e-9)
            {
                best.Add(one);
            }
        }

        return best;
    }

    /// <summary>The day with other looks on its menu.</summary>
    /// <param name="set">One bit for each line.</param>
    public static BoothDay Offered(BoothDay day, int set) => day with { Menu = [.. day.Menu.Select((l, k) => l with { Offered = (set >> k & 1) == 1 })] };

    private static MenuChoice Play(BoothDay day, IReadOnlyList<MenuTime> times, double closesAt, int seed, int days, int set)
    {
        var offered = Offered(day, set);
        var (painted, wished) = (0, 0);
        for (var n = 0; n < days; n++)
        {
            foreach (var stay in DaySimulation.Of(offered, times, DayArrivals.Of(offered, times, DayForecast.DayOf(seed, n)), closesAt))
            {
                painted += stay.Fate == QueueFate.Painted ? 1 : 0;
                wished += stay.Fate == QueueFate.Painted && stay.Guest.Look == stay.Guest.Wished ? 1 : 0;
            }
        }

        return new([.. Enumerable.Range(0, day.Menu.Count).Where(k => (set >> k & 1) == 1)], painted / (double)days, wished / (double)days);
    }

    // Faces and wishes if time were one heap: who comes and stays takes what is offered until the painters' minutes are gone.
    private static double BySum(BoothDay day, IReadOnlyList<MenuTime> times, double come, int set)
    {
        int[] looks = [.. Enumerable.Range(0, day.Menu.Count).Where(k => (set >> k & 1) == 1)];
        var (all, offered) = (day.Menu.Sum(l => l.Wanted), looks.Sum(k => day.Menu[k].Wanted));
        if (offered <= 0)
        {
            return 0;
        }

        var (wished, stays) = (offered / all, offered / all + (1 - offered / all) * day.TakesOther);
        var minutes = looks.Sum(k => day.Menu[k].Wanted / offered * times[k].Minutes) + day.BetweenMinutes;
        var painted = Math.Min(come * stays, day.Painters.Sum(p => (day.UntilMinute - day.FromMinute) * 100 / p.TimePercent) / minutes);
        return painted * (1 + wished / stays);
    }
}

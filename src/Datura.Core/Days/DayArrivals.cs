using MathNet.Numerics.Distributions;

namespace Datura.Core.Days;

/// <summary>Who comes on a simulated day. Everybody's wish, patience and slowness are drawn whatever is on the menu, so that two menus are met by the same people.</summary>
public static class DayArrivals
{
    // A burst comes within so many minutes (by judgement).
    private const double BurstMinutes = 10;

    public static IReadOnlyList<QueueGuest> Of(BoothDay day, IReadOnlyList<MenuTime> times, SeededRandom random)
    {
        var at = new List<double>();
        foreach (var (from, until, perHour) in Hours(day))
        {
            for (var t = from + Exponential(random, perHour); t < until; t += Exponential(random, perHour))
            {
                at.Add(t);
            }
        }

        foreach (var burst in day.Bursts)
        {
            for (var k = 0; k < burst.Faces; k++)
            {
                at.Add(burst.AtMinute + BurstMinutes * random.Unit());
            }
        }

        at.Sort();
        var (wanted, offered) = (Sums(day, _ => true), Sums(day, l => l.Offered));
        return [.. at.Where(t => t >= day.FromMinute && t < day.UntilMinute).Select(t => Guest(day, times, t, wanted, offered, random))];
    }

    /// <summary>How many come in the mean, but for those of a burst at the edge of the hours.</summary>
    public static double Expected(BoothDay day) => Hours(day).Sum(h => (h.Until - h.From) / 60 * h.PerHour) + day.Bursts.Where(b => b.AtMinute >= day.FromMinute && b.AtMinute < day.UntilMinute).Sum(b => b.Faces);

    /// <summary>Stretches of one rate within the opening hours.</summary>
    private static IEnumerable<(double From, double Until, double PerHour)> Hours(BoothDay day)
    {
        var rates = day.Arrivals.OrderBy(a => a.FromMinute).ToArray();
        for (var k = 0; k < rates.Length; k++)
        {
            double from = Math.Max(day.FromMinute, rates[k].FromMinute), until = Math.Min(day.UntilMinute, k + 1 < rates.Length ? rates[k + 1].FromMinute : BoothDay.MinutesOfDay);
            if (until > from && rates[k].PerHour > 0)
            {
                yield return (from, until, rates[k].PerHour);
            }
        }
    }

    private static QueueGuest Guest(BoothDay day, IReadOnlyList<MenuTime> times, double at, double[] wanted, double[] offered, SeededRandom random)
    {
        var (wish, stays, other, patience, slow) = (Pick(wanted, random.Unit()), random.Unit(), random.Unit(), random.Unit(), random.Unit());
        var look = wish >= 0 && day.Menu[wish].Offered ? wish : stays < day.TakesOther ? Pick(offered, other) : -1;
        var cv = look < 0 ? 0 : times[look].SdMinutes / times[look].Minutes;
        var sigma = Math.Sqrt(Math.Log(1 + cv * cv));
        return new(at, look, wish, -day.PatienceMinutes / Math.Log(2) * Math.Log(1 - patience), Math.Exp(sigma * Normal.InvCDF(0, 1, Math.Clamp(slow, 1e-9, 1 - 1e-9)) - sigma * sigma / 2));
    }

    private static double Exponential(SeededRandom random, double perHour) => -60 / perHour * Math.Log(1 - random.Unit());

    private static double[] Sums(BoothDay day, Func<MenuLine, bool> counts)
    {
        var sum = 0.0;
        return [.. day.Menu.Select(l => sum += counts(l) ? l.Wanted : 0)];
    }

    private static int Pick(double[] sums, double unit) => sums.Length == 0 || sums[^1] <= 0 ? -1 : Array.FindIndex(sums, s => s > unit * sums[^1]);
}

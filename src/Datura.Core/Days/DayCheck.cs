using Datura.Core.Supply;

namespace Datura.Core.Days;

/// <summary>Whether a day at a booth can be reckoned.</summary>
public static class DayCheck
{
    /// <exception cref="InputException">It has no name, or a number is nonsense.</exception>
    public static void Check(BoothDay? day)
    {
        if (day is null || !Limits.IsName(day.Name))
        {
            throw new InputException("name", ProblemCode.DayName, ("most", Limits.LongestName));
        }

        if (string.IsNullOrWhiteSpace(day.Kit) || string.IsNullOrWhiteSpace(day.Setting))
        {
            throw new InputException("kit", ProblemCode.NothingChosen);
        }

        if (day.Menu.Count > BoothDay.MostLooks || day.Menu.Any(l => string.IsNullOrWhiteSpace(l?.Look) || !Limits.Hold<MenuLine>(nameof(l.Wanted), l.Wanted)
            || l.OwnMinutes is { } own && !Limits.Hold<MenuLine>(nameof(l.OwnMinutes), own) || l.Price is { } price && !Limits.Hold<MenuLine>(nameof(l.Price), price)))
        {
            throw new InputException("menu", ProblemCode.DayMenu, ("looks", BoothDay.MostLooks), ("minutes", Limits.Most<MenuLine>(nameof(MenuLine.OwnMinutes))));
        }

        if (day.Painters.Count > BoothDay.MostPainters || day.Painters.Any(p => !IsPainter(p)))
        {
            throw new InputException("painters", ProblemCode.DayPainters, ("most", BoothDay.MostPainters), ("least", Limits.Least<BoothPainter>(nameof(BoothPainter.TimePercent))),
                ("largest", Limits.Most<BoothPainter>(nameof(BoothPainter.TimePercent))), ("breaks", BoothPainter.MostBreaks));
        }

        if (day.Arrivals.Count > BoothDay.MostRates || day.Arrivals.Any(a => a is null || !IsMinute(a.FromMinute) || !Limits.Hold<ArrivalRate>(nameof(a.PerHour), a.PerHour))
            || day.Bursts.Count > BoothDay.MostBursts || day.Bursts.Any(b => b is null || !IsMinute(b.AtMinute) || !Limits.Hold<ArrivalBurst>(nameof(b.Faces), b.Faces)))
        {
            throw new InputException("arrivals", ProblemCode.DayArrivals, ("most", Limits.Most<ArrivalRate>(nameof(ArrivalRate.PerHour))), ("faces", Limits.Most<ArrivalBurst>(nameof(ArrivalBurst.Faces))));
        }

        if (!IsMinute(day.FromMinute) || !IsMinute(day.UntilMinute) || day.UntilMinute <= day.FromMinute)
        {
            throw new InputException("untilMinute", ProblemCode.DayHours);
        }

        if (day.On < PotCheck.Oldest || !Limits.Hold<BoothDay>(nameof(day.PatienceMinutes), day.PatienceMinutes) || !Limits.Hold<BoothDay>(nameof(day.TakesOther), day.TakesOther)
            || !Limits.Hold<BoothDay>(nameof(day.BetweenMinutes), day.BetweenMinutes) || !Limits.Hold<BoothDay>(nameof(day.InTimeChance), day.InTimeChance))
        {
            throw new InputException("patienceMinutes", ProblemCode.DayNumbers, ("patience", Limits.Most<BoothDay>(nameof(day.PatienceMinutes))),
                ("between", Limits.Most<BoothDay>(nameof(day.BetweenMinutes))), ("least", 100 * Limits.Least<BoothDay>(nameof(day.InTimeChance))), ("largest", 100 * Limits.Most<BoothDay>(nameof(day.InTimeChance))));
        }
    }

    private static bool IsPainter(BoothPainter? painter) =>
        painter is not null && Limits.IsName(painter.Name) && Limits.Hold<BoothPainter>(nameof(painter.TimePercent), painter.TimePercent)
        && (painter.FromMinute is not { } from || IsMinute(from)) && (painter.UntilMinute is not { } until || IsMinute(until))
        && painter.Breaks.Count <= BoothPainter.MostBreaks && painter.Breaks.All(b => b is not null && IsMinute(b.AtMinute) && Limits.Hold<BoothBreak>(nameof(b.Minutes), b.Minutes));

    private static bool IsMinute(int minute) => minute is >= 0 and <= BoothDay.MinutesOfDay;
}

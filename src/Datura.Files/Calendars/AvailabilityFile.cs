using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;

namespace Datura.Files.Calendars;

/// <summary>When somebody cannot come, out of a calendar file (iCalendar, RFC 5545): every entry that is not marked as free.</summary>
public static class AvailabilityFile
{
    // Of a calendar that repeats without end no more than so many times are looked at.
    private const int MostTimes = 20_000;

    /// <param name="days">Only these are of interest.</param>
    /// <exception cref="InputException">It is no calendar.</exception>
    public static IReadOnlyList<BusyTime> Read(string text, IReadOnlyCollection<DateOnly> days)
    {
        CalendarCollection calendars;
        try
        {
            calendars = CalendarCollection.Load(text);
        }
        catch (Exception problem) when (problem is not OutOfMemoryException)
        {
            throw new InputException("calendar", ProblemCode.CalendarUnreadable);
        }

        if (calendars.Count == 0)
        {
            throw new InputException("calendar", ProblemCode.CalendarUnreadable);
        }

        if (days.Count == 0)
        {
            return [];
        }

        var (first, last, wanted) = (days.Min(), days.Max(), days.ToHashSet());
        var busy = new SortedSet<(DateOnly On, int From, int Until)>();
        try
        {
            var all = calendars.SelectMany(c => c.GetOccurrences<CalendarEvent>(new CalDateTime(first.AddDays(-1))).TakeWhile(o => DateOnly.FromDateTime(o.Period.StartTime.Value) <= last).Take(MostTimes));
            foreach (var one in all)
            {
                if (one.Source is CalendarEvent { Transparency: "TRANSPARENT" } or CalendarEvent { Status: "CANCELLED" })
                {
                    continue;
                }

                var start = one.Period.StartTime.Value;
                var end = one.Period.EffectiveEndTime?.Value ?? start;
                if (!one.Period.StartTime.HasTime && end <= start)
                {
                    end = start.AddDays(1);
                }

                for (var day = DateOnly.FromDateTime(start); day.ToDateTime(TimeOnly.MinValue) < end; day = day.AddDays(1))
                {
                    var midnight = day.ToDateTime(TimeOnly.MinValue);
                    var (from, until) = (Math.Max(0, (int)(start - midnight).TotalMinutes), Math.Min(BoothDay.MinutesOfDay, (int)Math.Ceiling((end - midnight).TotalMinutes)));
                    if (wanted.Contains(day) && until > from)
                    {
                        busy.Add((day, from, until));
                    }

                    if (day >= last)
                    {
                        break;
                    }
                }
            }
        }
        catch (Exception problem) when (problem is not (OutOfMemoryException or InputException))
        {
            throw new InputException("calendar", ProblemCode.CalendarUnreadable);
        }

        return [.. busy.Take(CallPainter.MostBusy).Select(b => new BusyTime(b.On, b.From, b.Until))];
    }
}

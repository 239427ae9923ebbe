using Datura.Core.Supply;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Datura.Files.Calendars;

/// <summary>The days of a case as a calendar file (iCalendar, RFC 5545), which calendars of phones and computers read.</summary>
public static class CaseCalendarFile
{
    public const string MediaType = "text/calendar";

    /// <param name="id">Of the case: the same entry brought in again takes the place of the old one.</param>
    /// <param name="madeAt">When the file is made; the format asks for it.</param>
    public static string Of(string id, IReadOnlyList<CalendarEntry> entries, DateTime madeAt)
    {
        var calendar = new Calendar { ProductId = "-//Datura//Case//EN" };
        foreach (var (entry, k) in entries.Select((e, k) => (e, k)))
        {
            calendar.Events.Add(new CalendarEvent
            {
                Uid = FormattableString.Invariant($"{id}-{k}@datura.invalid"),
                DtStamp = new CalDateTime(madeAt.ToUniversalTime(), "UTC"),
                Start = new CalDateTime(entry.On.Year, entry.On.Month, entry.On.Day),
                Summary = entry.What,
                Description = entry.Why,
            });
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? "";
    }
}

using Datura.Core.Calls;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Datura.Files.Calendars;

/// <summary>
/// Calls as a calendar file (iCalendar, RFC 5545), of everybody or of one person. Times are the house's own clock, without a zone. An entry keeps
/// its id from sheet to sheet and counts up its sequence, so that a calendar takes the new one in place of the old (RFC 5546, 2.1.4).
/// </summary>
public static class CallCalendarFile
{
    /// <param name="id">Of the production.</param>
    /// <param name="revision">Of the production: grows with every sheet.</param>
    /// <param name="of">Name of a painter or wearer; null for all.</param>
    /// <param name="lookOf">Name of a look by its id.</param>
    /// <param name="madeAt">When the file is made; the format asks for it.</param>
    public static string Of(string id, int revision, Production production, string? of, Func<string, string> lookOf, DateTime madeAt)
    {
        var calendar = new Calendar { ProductId = "-//Datura//Calls//EN" };
        foreach (var evening in production.Performances)
        {
            foreach (var (call, k) in evening.Calls.Select((c, k) => (c, k)).Where(c => of is null || c.c.Painter == of || c.c.Wearer == of))
            {
                var wearer = production.Wearers.Index().Where(w => w.Item.Name == call.Wearer).Select(w => (Index: w.Index, w.Item.Look)).FirstOrDefault((Index: Production.MostWearers + k, Look: ""));
                var forWearer = call.Wearer == of;
                calendar.Events.Add(new CalendarEvent
                {
                    Uid = FormattableString.Invariant($"{id}-{evening.On:yyyyMMdd}-{wearer.Index}@datura.invalid"),
                    Sequence = revision,
                    DtStamp = new CalDateTime(madeAt.ToUniversalTime(), "UTC"),
                    Start = At(evening.On, call.FromMinute),
                    End = At(evening.On, forWearer ? call.ReadyMinute : call.PaintedMinute),
                    Summary = forWearer ? $"{production.Name}: in the chair of {call.Painter}" : $"{production.Name}: paint {call.Wearer}",
                    Description = FormattableString.Invariant($"{lookOf(wearer.Look)}; ready {call.ReadyMinute / 60}:{call.ReadyMinute % 60:00}, bell {evening.BellMinute / 60}:{evening.BellMinute % 60:00}"),
                });
            }
        }

        foreach (var patch in PatchNote.All(production).Where(n => of is null || n.Who == of))
        {
            calendar.Events.Add(new CalendarEvent
            {
                Uid = $"{id}-patch-{Convert.ToHexString(System.Text.Encoding.UTF8.GetBytes(patch.Who))}@datura.invalid",
                Sequence = revision,
                DtStamp = new CalDateTime(madeAt.ToUniversalTime(), "UTC"),
                Start = new CalDateTime(patch.By),
                Transparency = TransparencyType.Transparent,
                Summary = $"{production.Name}: patch test of {patch.Who}",
                Description = "Inside of the arm, every paint of the look; look after 24 and 48 hours. At itching or redness that paint is left out.",
            });
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? "";
    }

    private static CalDateTime At(DateOnly on, int minute) => new(on.ToDateTime(TimeOnly.MinValue).AddMinutes(minute));
}

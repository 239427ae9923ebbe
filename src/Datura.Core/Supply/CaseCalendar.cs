using System.Globalization;

namespace Datura.Core.Supply;

/// <summary>What must be done on which day so that a case is ready: buying, patch tests, clean sponges, pots that run out or go off.</summary>
public static class CaseCalendar
{
    /// <summary>Days that a pot takes to come (by judgement).</summary>
    public const int BuyingDays = 7;

    /// <summary>Days before the first evening on which a patch test is laid: it is looked at after 24 and 48 hours (common practice).</summary>
    public const int PatchDays = 2;

    /// <returns>By day; nothing when the first evening is not known.</returns>
    public static IReadOnlyList<CalendarEntry> Of(Case packed, PackedCase found)
    {
        if (packed.On is not { } first)
        {
            return [];
        }

        List<CalendarEntry> days =
        [
            new(first.AddDays(-1), $"Sponges washed and dry, brushes clean, pack: {packed.Name}", "The packing list has boxes to tick."),
            new(first, packed.Evenings == 1 ? packed.Name : string.Create(CultureInfo.InvariantCulture, $"{packed.Name}: the first of {packed.Evenings} evenings"), ""),
        ];
        if (!packed.Queue && found.Paints.Count > 0)
        {
            days.Add(new(first.AddDays(-PatchDays), $"Patch test for {packed.Name}",
                $"Inside of the arm, every paint of each wearer; look after 24 and 48 hours: {string.Join(", ", found.Paints.Select(p => p.Name))}. At itching or redness that paint is left out."));
        }

        if (found.Paints.Where(p => p.BuyPots > 0).ToArray() is { Length: > 0 } buy)
        {
            days.Add(new(first.AddDays(-BuyingDays), $"Buy paint for {packed.Name}", string.Join(", ", buy.Select(p => string.Create(CultureInfo.InvariantCulture, $"{p.BuyPots} × {p.Name}")))));
        }

        days.AddRange(found.Paints.Where(p => p.LastsEvenings is { } lasts && lasts < packed.Evenings).Select(p => new CalendarEntry(
            first.AddDays(p.LastsEvenings!.Value * packed.EveryDays), $"{p.Name} may run out",
            string.Create(CultureInfo.InvariantCulture, $"What is there lasts for {p.LastsEvenings} of {packed.Evenings} evenings, but for a chance of {100 * packed.ShortChance:0.#} %."))));
        days.AddRange(found.Paints.Where(p => p.GoesOff).Select(p => new CalendarEntry(
            p.LastDay!.Value, $"Last day of the open pot of {p.Name}", "By its label, or as such paint usually keeps. Buy a new one.")));
        return [.. days.OrderBy(d => d.On).ThenBy(d => d.What, StringComparer.Ordinal)];
    }
}

using Datura.Core.Supply;

namespace Datura.Core.Calls;

/// <summary>Whose patch test is not done in time: it is laid two days before the first evening, and looked at after 24 and 48 hours (common practice; the product's label comes first).</summary>
/// <param name="Who">A wearer or an understudy.</param>
/// <param name="By">The last day on which it can be laid.</param>
/// <param name="Late">It is noted, but for a later day.</param>
public sealed record PatchNote(string Who, DateOnly By, bool Late)
{
    public static IReadOnlyList<PatchNote> All(Production production)
    {
        var worn = production.Performances.SelectMany(p => production.Wearers.Select(w => p.Understudies.FirstOrDefault(u => u.For == w.Name) is { } u ? (Who: u.Name, u.PatchOn, p.On) : (Who: w.Name, w.PatchOn, p.On)));
        return
        [
            // Somebody who wears several faces is tested once.
            .. worn.GroupBy(w => w.Who).Select(g => (Who: g.Key, Laid: g.Min(w => w.PatchOn), By: g.Min(w => w.On).AddDays(-CaseCalendar.PatchDays)))
                .Where(w => w.Laid is not { } laid || laid > w.By).Select(w => new PatchNote(w.Who, w.By, w.Laid is not null)).OrderBy(n => n.By).ThenBy(n => n.Who, StringComparer.Ordinal),
        ];
    }
}

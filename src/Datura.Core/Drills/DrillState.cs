namespace Datura.Core.Drills;

/// <summary>How far one exercise is in hand.</summary>
/// <param name="Quality">Of the last day on which it was practised, 0 to 1.</param>
/// <param name="Kept">How much of it is still there today.</param>
/// <param name="Due">When it is to be practised again.</param>
public sealed record DrillState(double Quality, double Kept, DateOnly Due, Spacing Spacing)
{
    /// <param name="tries">Of one exercise, in any order; several on a day count as one, of their mean.</param>
    /// <returns>Null for none.</returns>
    public static DrillState? Of(IReadOnlyList<DrillTry> tries, DateOnly today)
    {
        var days = tries.GroupBy(t => t.On).OrderBy(g => g.Key).Select(g => (On: g.Key, Quality: g.Average(t => DrillScore.Of(t).Quality))).ToArray();
        if (days.Length == 0)
        {
            return null;
        }

        var (spacing, last) = (Spacing.New, (DateOnly?)null);
        foreach (var (on, quality) in days)
        {
            spacing = last is { } before ? spacing.After(quality, on.DayNumber - before.DayNumber) : spacing;
            last = on;
        }

        // A day at the least, so that nothing is due twice on one evening.
        var due = last!.Value.AddDays(Math.Max(1, (int)Math.Round(spacing.DueDays)));
        return new(days[^1].Quality, spacing.Kept(today.DayNumber - last.Value.DayNumber), due, spacing);
    }
}

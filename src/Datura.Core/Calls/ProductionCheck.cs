using System.Globalization;
using Datura.Core.Supply;

namespace Datura.Core.Calls;

/// <summary>Whether a production can be kept and its calls be planned.</summary>
public static class ProductionCheck
{
    /// <exception cref="InputException">It has no name, or a number is nonsense.</exception>
    public static void Check(Production? production)
    {
        if (production is null || !Limits.IsName(production.Name))
        {
            throw new InputException("name", ProblemCode.ProductionName, ("most", Limits.LongestName));
        }

        if (string.IsNullOrWhiteSpace(production.Kit) || string.IsNullOrWhiteSpace(production.Setting))
        {
            throw new InputException("kit", ProblemCode.NothingChosen);
        }

        if (production.Wearers.Count > Production.MostWearers || production.Wearers.Any(w => !IsWearer(w)) || !Differ(production.Wearers.Select(w => w.Name)))
        {
            throw new InputException("wearers", ProblemCode.ProductionWearers, ("most", Production.MostWearers), ("minutes", Limits.Most<CallWearer>(nameof(CallWearer.OwnMinutes))),
                ("after", Limits.Most<CallWearer>(nameof(CallWearer.DryMinutes))));
        }

        if (production.Painters.Count > Production.MostPainters || production.Painters.Any(p => !IsPainter(p)) || !Differ(production.Painters.Select(p => p.Name)))
        {
            throw new InputException("painters", ProblemCode.ProductionPainters, ("most", Production.MostPainters), ("least", Limits.Least<CallPainter>(nameof(CallPainter.TimePercent))),
                ("largest", Limits.Most<CallPainter>(nameof(CallPainter.TimePercent))));
        }

        if (!Limits.Hold<Production>(nameof(production.Chairs), production.Chairs) || !Limits.Hold<Production>(nameof(production.Sinks), production.Sinks)
            || !Limits.Hold<Production>(nameof(production.SinkMinutes), production.SinkMinutes) || !Limits.Hold<Production>(nameof(production.BetweenMinutes), production.BetweenMinutes)
            || !Limits.Hold<Production>(nameof(production.PauseAfterMinutes), production.PauseAfterMinutes) || !Limits.Hold<Production>(nameof(production.PauseMinutes), production.PauseMinutes)
            || !Limits.Hold<Production>(nameof(production.ReadyChance), production.ReadyChance))
        {
            throw new InputException("chairs", ProblemCode.ProductionNumbers, ("most", Production.MostPainters), ("pause", Limits.Most<Production>(nameof(production.PauseMinutes))),
                ("least", 100 * Limits.Least<Production>(nameof(production.ReadyChance))), ("largest", 100 * Limits.Most<Production>(nameof(production.ReadyChance))));
        }

        CheckEvenings(production);
    }

    private static void CheckEvenings(Production production)
    {
        if (production.Performances.Count > Production.MostPerformances || production.Performances.Any(p => !IsEvening(p)) || production.Performances.DistinctBy(p => p.On).Count() != production.Performances.Count)
        {
            throw new InputException("performances", ProblemCode.ProductionPerformances, ("most", Production.MostPerformances));
        }

        if (production.Performances.FirstOrDefault(p => p.BellMinute <= p.OpenMinute) is { } early)
        {
            throw new InputException("performances", ProblemCode.ProductionBell, ("on", early.On.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)));
        }
    }

    private static bool IsWearer(CallWearer? wearer) => wearer is not null && Limits.IsName(wearer.Name) && Limits.IsName(wearer.Look) && (wearer.Face?.Length ?? 0) <= Limits.LongestName
        && (wearer.Painter?.Length ?? 0) <= Limits.LongestName && (wearer.OwnMinutes is not { } own || Limits.Hold<CallWearer>(nameof(wearer.OwnMinutes), own))
        && Limits.Hold<CallWearer>(nameof(wearer.DryMinutes), wearer.DryMinutes) && Limits.Hold<CallWearer>(nameof(wearer.WigMinutes), wearer.WigMinutes)
        && Limits.Hold<CallWearer>(nameof(wearer.CostumeMinutes), wearer.CostumeMinutes) && IsMinute(wearer.FromMinute ?? 0) && IsDay(wearer.PatchOn);

    private static bool IsPainter(CallPainter? painter) => painter is not null && Limits.IsName(painter.Name) && Limits.Hold<CallPainter>(nameof(painter.TimePercent), painter.TimePercent)
        && IsMinute(painter.FromMinute ?? 0) && painter.Looks.Count <= Production.MostWearers && painter.Looks.All(Limits.IsName) && painter.Busy.Count <= CallPainter.MostBusy
        && painter.Busy.All(b => b is not null && IsMinute(b.FromMinute) && IsMinute(b.UntilMinute) && b.On >= PotCheck.Oldest);

    private static bool IsEvening(Performance? evening) => evening is not null && evening.On >= PotCheck.Oldest && IsMinute(evening.BellMinute) && IsMinute(evening.OpenMinute)
        && evening.Away.Count <= Production.MostPainters && evening.Away.All(Limits.IsName)
        && evening.Late.Count <= Production.MostPainters && evening.Late.All(l => l is not null && Limits.IsName(l.Name) && IsMinute(l.FromMinute))
        && evening.Understudies.Count <= Production.MostWearers && evening.Understudies.All(u => u is not null && Limits.IsName(u.For) && Limits.IsName(u.Name) && (u.Face?.Length ?? 0) <= Limits.LongestName && IsDay(u.PatchOn))
        && evening.Calls.Count <= Production.MostWearers && evening.Calls.All(c => c is not null && Limits.IsName(c.Wearer) && Limits.IsName(c.Painter) && IsMinute(c.FromMinute) && IsMinute(c.PaintedMinute) && IsMinute(c.ReadyMinute));

    private static bool IsDay(DateOnly? day) => day is null || day >= PotCheck.Oldest;

    private static bool Differ(IEnumerable<string> names) => names.ToArray() is var all && all.Distinct().Count() == all.Length;

    private static bool IsMinute(int minute) => minute is >= 0 and <= BoothDay.MinutesOfDay;
}

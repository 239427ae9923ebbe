using Datura.Core.Supply;

namespace Datura.Core.After;

/// <summary>Whether an entry of the book can be kept.</summary>
public static class PaintingCheck
{
    /// <exception cref="InputException">It has no name or look, or something on it is nonsense.</exception>
    public static void Check(Painting? painting)
    {
        if (painting is null || !Limits.IsName(painting.Name) || string.IsNullOrWhiteSpace(painting.Look) || painting.Look.Length > Limits.LongestName
            || (painting.Face?.Length ?? 0) > Limits.LongestName || (painting.Kit?.Length ?? 0) > Limits.LongestName || painting.On < PotCheck.Oldest)
        {
            throw new InputException("name", ProblemCode.PaintingName, ("most", Limits.LongestName));
        }

        if (painting.Paints.Count > Limits.MostPaints || painting.Paints.Any(p => p is null || !Limits.IsName(p.Paint) || p.Name is null || p.Lot is null
            || p.Name.Length > Limits.LongestName || p.Lot.Length > Limits.LongestName))
        {
            throw new InputException("paints", ProblemCode.PaintingPaints, ("most", Limits.MostPaints));
        }

        if (!PlanCheck.ArePassed([.. painting.Passed.Take(PassedStop.Most)]) || !PlanCheck.ArePassed([.. painting.Passed.Skip(PassedStop.Most)]))
        {
            throw new InputException("passed", ProblemCode.PassedStops, ("least", PassedStop.LeastLetters), ("letters", Limits.LongestWords), ("most", 2 * PassedStop.Most));
        }

        if (painting.Steps.Count > Painting.MostSteps || painting.Steps.Any(s => !Chair.ChairCheck.IsSound(s)) || painting.Steps.DistinctBy(s => s.Key).Count() != painting.Steps.Count
            || painting.LookRevision < 1 || (painting.Setting?.Length ?? 0) > Limits.LongestName || !Limits.Hold<Painting>(nameof(painting.SlotMinutes), painting.SlotMinutes))
        {
            throw new InputException("steps", ProblemCode.PaintingSteps, ("most", Painting.MostSteps));
        }

        if (painting.Reaction is { } reaction && (reaction.Where is null || reaction.What is null || reaction.Done is null || reaction.On < painting.On
            || reaction.Where.Length > Limits.LongestWords || reaction.What.Length > Limits.LongestWords || reaction.Done.Length > Limits.LongestWords))
        {
            throw new InputException("reaction", ProblemCode.PaintingReaction, ("letters", Limits.LongestWords));
        }
    }

    /// <summary>The entry of a look that was planned and painted: its paints with their lots, and the stops passed.</summary>
    /// <param name="lookId">Id of the look.</param>
    public static Painting Of(PlannedLook planned, string lookId, string? face, Kit kit, DateOnly on, IReadOnlyList<PassedStop> passed) =>
        new(string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{Short(planned.Plan.Look)}, {on:yyyy-MM-dd}"), lookId, face, kit.Id, on)
        {
            Paints =
            [
                .. planned.InOrder.Where(j => !j.Hand.TakesNoPaint).SelectMany(j => j.Mix.Shares).Select(s => s.Paint).Distinct().Select(id => Paint.PaintOptics.Find(kit, id))
                    .Select(p => new UsedPaint(p.Id, p.Name, p.Pot?.Lot ?? "")),
            ],
            Passed = passed,
            Steps = Chair.ChairPlan.Of(planned),
            SlotMinutes = planned.Plan.Setting.SlotMinutes,
        };

    private static string Short(string name) => name.Length <= 100 ? name : name[..100];
}

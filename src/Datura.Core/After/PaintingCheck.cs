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

        if (painting.Ways.Count > Painting.MostSteps || painting.Ways.Any(w => !Chair.ChairCheck.IsSound(w)) || painting.Only.Count > Limits.MostParts || !painting.Only.All(Limits.IsName)
            || (painting.Painter?.Length ?? 0) > Limits.LongestName || (painting.SecondPainter?.Length ?? 0) > Limits.LongestName
            || !Limits.Hold<Painting>(nameof(painting.LikelySeconds), painting.LikelySeconds) || !Limits.Hold<Painting>(nameof(painting.SdSeconds), painting.SdSeconds)
            || !Limits.Hold<Painting>(nameof(painting.Confidence), painting.Confidence))
        {
            throw new InputException("ways", ProblemCode.PaintingSteps, ("most", Painting.MostSteps));
        }

        if (!Limits.Hold<Painting>(nameof(painting.TakenMinutes), painting.TakenMinutes) || painting.Typed.Count > Painting.MostSteps
            || painting.Typed.Any(t => t is null || t.Step is not { Length: > 0 and <= Limits.LongestWords } || !Limits.Hold<TypedTime>(nameof(t.Seconds), t.Seconds)))
        {
            throw new InputException("typed", ProblemCode.PaintingTimes);
        }

        if (painting.Reaction is { } reaction && (reaction.Where is null || reaction.What is null || reaction.Done is null || reaction.On < painting.On
            || reaction.Where.Length > Limits.LongestWords || reaction.What.Length > Limits.LongestWords || reaction.Done.Length > Limits.LongestWords))
        {
            throw new InputException("reaction", ProblemCode.PaintingReaction, ("letters", Limits.LongestWords));
        }
    }

    /// <summary>The entry of a look that was planned and painted: its paints with their lots, and the stops passed.</summary>
    /// <param name="lookId">Id of the look.</param>
    /// <param name="only">Ids of the only parts that are painted; null for the whole look.</param>
    public static Painting Of(PlannedLook planned, string lookId, string? face, Kit kit, DateOnly on, IReadOnlyList<PassedStop> passed, IReadOnlyCollection<string>? only = null) =>
        new(string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{Short(planned.Plan.Look)}, {on:yyyy-MM-dd}"), lookId, face, kit.Id, on)
        {
            Paints =
            [
                .. planned.InOrder.Where(j => !j.Hand.TakesNoPaint).SelectMany(j => j.Mix.Shares).Select(s => s.Paint).Distinct().Select(id => Paint.PaintOptics.Find(kit, id))
                    .Select(p => new UsedPaint(p.Id, p.Name, p.Pot?.Lot ?? "")),
            ],
            Passed = passed,
            Steps = Chair.ChairPlan.Of(planned, only),
            Only = [.. only ?? []],
            OnOneself = planned.Plan.Setting.OnOneself,
            LikelySeconds = Math.Round(Order.Steps.Session(planned.Steps).LikelySeconds, 1),
            SdSeconds = Math.Round(Order.Steps.Session(planned.Steps).SdSeconds, 1),
            SlotMinutes = planned.Plan.Setting.SlotMinutes,
        };

    private static string Short(string name) => name.Length <= 100 ? name : name[..100];
}

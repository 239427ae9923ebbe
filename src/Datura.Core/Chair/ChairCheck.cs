namespace Datura.Core.Chair;

/// <summary>Whether steps and events of a session can be kept.</summary>
public static class ChairCheck
{
    public static bool IsSound(ChairStep? step) => step is { Key: { Length: > 0 and <= Limits.LongestWords }, Title: { Length: <= Limits.LongestWords }, Hand: { Length: <= Limits.LongestWords } }
        && Limits.Hold<ChairStep>(nameof(step.Painter), step.Painter) && Limits.Hold<ChairStep>(nameof(step.Seconds), step.Seconds)
        && Limits.Hold<ChairStep>(nameof(step.WaitSeconds), step.WaitSeconds) && Limits.Hold<ChairStep>(nameof(step.DryingSeconds), step.DryingSeconds)
        && step.Parts.Count <= Limits.MostParts && step.Parts.All(Limits.IsName)
        && step.Coats.Count <= Limits.MostInOrder && step.Coats.All(c => c is { Key: { Length: > 0 and <= Limits.LongestWords } } && Limits.Hold<ChairCoat>(nameof(c.Seconds), c.Seconds))
        && step.After.Count <= Limits.MostInOrder && step.After.All(a => a is { Step: { Length: > 0 and <= Limits.LongestWords } } && Limits.Hold<ChairGround>(nameof(a.DrySeconds), a.DrySeconds))
        && Limits.Hold<ChairStep>(nameof(step.SetUpSeconds), step.SetUpSeconds) && Limits.Hold<ChairStep>(nameof(step.SdSeconds), step.SdSeconds)
        && Limits.Hold<ChairStep>(nameof(step.UsualWorkSeconds), step.UsualWorkSeconds) && Limits.Hold<ChairStep>(nameof(step.UsualSetUpSeconds), step.UsualSetUpSeconds);

    public static bool IsSound(ChairWay? way) => way is { Label: { Length: <= Limits.LongestWords } } && Limits.IsName(way.Part) && (way.RestsOn?.Length ?? 0) <= Limits.LongestName
        && Limits.Hold<ChairWay>(nameof(way.Loss), way.Loss) && way.Leaves.Count <= Limits.MostInOrder && way.Leaves.All(l => l is { Length: > 0 and <= Limits.LongestWords });

    /// <exception cref="InputException">One of them cannot be, or there are too many.</exception>
    public static void Check(IReadOnlyList<ChairEvent> events)
    {
        if (events.Count > ChairEvent.Most || events.Any(e => !IsSound(e)))
        {
            throw new InputException("events", ProblemCode.ChairEvents, ("most", ChairEvent.Most));
        }
    }

    private static bool IsSound(ChairEvent? one) => one is { Id: { Length: > 0 and <= ChairEvent.LongestId }, Device: { Length: > 0 and <= ChairEvent.LongestId } }
        && Enum.IsDefined(one.Kind) && Limits.Hold<ChairEvent>(nameof(one.Number), one.Number) && one.At.Year is > 1950 and < 2200
        && (one.Step?.Length ?? 0) <= Limits.LongestWords && (one.Other?.Length ?? 0) <= Limits.LongestWords && (one.Words?.Length ?? 0) <= Limits.LongestWords
        && one.Parts.Count <= Limits.MostParts && one.Parts.All(p => p is { Length: > 0 and <= Limits.LongestWords });
}

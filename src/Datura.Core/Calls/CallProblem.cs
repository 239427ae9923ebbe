namespace Datura.Core.Calls;

/// <summary>An evening to be planned: who is painted, who can paint, what they share.</summary>
/// <param name="OpenMinute">Nobody sits down before, minutes after midnight.</param>
/// <param name="BellMinute">All are ready by then.</param>
public sealed record CallProblem(
    IReadOnlyList<CallTask> Tasks, IReadOnlyList<CallHand> Hands, int OpenMinute, int BellMinute, int Chairs, int Sinks, int SinkMinutes, int BetweenMinutes, int PauseAfterMinutes, int PauseMinutes,
    double ReadyChance)
{
    /// <summary>An evening of a production.</summary>
    /// <param name="times">Minutes and their standard deviation of each wearer, who stands in being counted.</param>
    public static CallProblem Of(Production production, Performance evening, IReadOnlyList<(double Minutes, double SdMinutes)> times)
    {
        var painters = production.Painters.Where(p => !evening.Away.Contains(p.Name)).ToArray();
        CallHand[] hands = [.. painters.Select(p => new CallHand(
            p.Name, p.TimePercent / 100, Math.Max(p.FromMinute ?? 0, evening.Late.Where(l => l.Name == p.Name).Select(l => l.FromMinute).DefaultIfEmpty(0).Max()),
            [.. p.Busy.Where(b => b.On == evening.On && b.UntilMinute > b.FromMinute).Select(b => (b.FromMinute, b.UntilMinute))]))];
        CallTask[] tasks = [.. production.Wearers.Select((w, k) => new CallTask(
            w.Name, times[k].Minutes, times[k].SdMinutes, w.DryMinutes + w.WigMinutes + w.CostumeMinutes,
            [.. painters.Index().Where(p => p.Item.Looks.Count == 0 || p.Item.Looks.Contains(w.Look)).Select(p => p.Index)], Array.FindIndex(painters, p => p.Name == w.Painter), w.FromMinute ?? 0))];
        return new(
            tasks, hands, evening.OpenMinute, evening.BellMinute, production.Chairs, production.Sinks, Math.Min(production.SinkMinutes, production.BetweenMinutes), production.BetweenMinutes,
            production.PauseAfterMinutes, production.PauseMinutes, production.ReadyChance);
    }
}

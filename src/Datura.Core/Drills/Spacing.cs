namespace Datura.Core.Drills;

/// <summary>
/// When a stroke is to be practised again. What is kept of it fades as 2^(−t/h) (forgetting, Ebbinghaus 1885); a practice that goes well makes the
/// half-life h longer, the more so the more had faded by then, one that goes badly shorter (expanding practice, Landauer and Bjork 1978; both from
/// memory, numbers by judgement).
/// </summary>
/// <param name="HalfLifeDays">After so many days half of it is gone.</param>
public readonly record struct Spacing(double HalfLifeDays)
{
    public const double FirstHalfLifeDays = 2;
    public const double ShortestDays = 1;
    public const double LongestDays = 90;

    // It is practised again when so much is still kept.
    private const double KeptWhenDue = 0.7;

    // What doubles the half-life is a practice that went well after it had faded to that.
    private const double Well = 0.6;

    public static readonly Spacing New = new(FirstHalfLifeDays);

    /// <summary>Share that is still kept after so many days, 0 to 1.</summary>
    public double Kept(double days) => Math.Pow(2, -Math.Max(0, days) / HalfLifeDays);

    /// <summary>Days after the last practice on which it is due.</summary>
    public double DueDays => -HalfLifeDays * Math.Log2(KeptWhenDue);

    /// <param name="quality">Of the practice, 0 to 1 (<see cref="DrillScore.Quality"/>).</param>
    /// <param name="days">Since the last one.</param>
    public Spacing After(double quality, double days)
    {
        var faded = Math.Clamp((1 - Kept(days)) / (1 - KeptWhenDue), 0, 2);
        var well = Math.Clamp(quality, 0, 1) - Well;
        var by = well >= 0 ? 1 + well / (1 - Well) * faded : 1 + well / (2 * Well);
        return new(Math.Clamp(HalfLifeDays * by, ShortestDays, LongestDays));
    }
}

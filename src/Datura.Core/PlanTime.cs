using Datura.Core.Order;

namespace Datura.Core;

/// <summary>How long it takes and how sure that is.</summary>
/// <param name="LowSeconds">One session in ten is shorter.</param>
/// <param name="HighSeconds">One in ten is longer.</param>
/// <param name="Confidence">The share of sessions that a slot is to hold.</param>
/// <param name="AtConfidenceSeconds">That share takes no longer.</param>
public sealed record PlanTime(double LowSeconds, double HighSeconds, double Confidence, double AtConfidenceSeconds)
{
    public static PlanTime Of(DurationEstimate session, Setting setting) => new(
        Math.Round(session.Range.Low, 1), Math.Round(session.Range.High, 1), setting.Confidence, Math.Round(session.At(setting.Confidence), 1));
}

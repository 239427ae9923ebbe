namespace Datura.Core.Order;

/// <summary>An order with what is known about how good it is.</summary>
/// <param name="BoundSeconds">No order of these steps is shorter.</param>
/// <param name="FirstSeconds">Length of the order that was there at once.</param>
public sealed record FoundOrder(Schedule Table, double BoundSeconds, double FirstSeconds, bool Proven)
{
    /// <summary>How much longer than the bound, as a share.</summary>
    public double Gap => Table.TotalSeconds <= 0 ? 0 : Math.Max(0, (Table.TotalSeconds - BoundSeconds) / Table.TotalSeconds);
}

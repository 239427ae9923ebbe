namespace Datura.Core.Days;

/// <summary>One hour of arrivals, over all simulated days.</summary>
/// <param name="FromMinute">Minutes after midnight.</param>
/// <param name="Come">Mean of how many come.</param>
/// <param name="WaitMinutes">Wait of the middle one who is painted; null where nobody is.</param>
/// <param name="LongWaitMinutes">Wait that nine of ten do not exceed.</param>
/// <param name="Leave">Mean of how many of them leave for the wait.</param>
/// <param name="Steady">What an hour like this tends to if it went on for ever.</param>
public sealed record ForecastHour(int FromMinute, double Come, double? WaitMinutes, double? LongWaitMinutes, double Leave, SteadyQueue Steady);

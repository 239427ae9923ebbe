namespace Datura.Core.Days.Live;

/// <summary>How long a wait from now on will be, minutes; eight of ten lie from the low to the high.</summary>
public sealed record LiveWait(double LowMinutes, double Minutes, double HighMinutes);

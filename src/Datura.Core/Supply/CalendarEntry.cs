namespace Datura.Core.Supply;

/// <summary>Something to do on a day.</summary>
/// <param name="On">The day.</param>
/// <param name="What">In a few words.</param>
/// <param name="Why">More of it; may be empty.</param>
public sealed record CalendarEntry(DateOnly On, string What, string Why);

using Datura.Core.Supply;

namespace Datura.Web;

/// <summary>What depends on the day: nothing that is said to have happened lies ahead.</summary>
internal static class Today
{
    /// <summary>The day at the end of the world where it comes first: nobody is told that her own today lies ahead.</summary>
    public static DateOnly Latest => DateOnly.FromDateTime(DateTime.UtcNow.AddHours(14));

    public static DateOnly Day => DateOnly.FromDateTime(DateTime.UtcNow);

    /// <exception cref="InputException">A day on it lies ahead.</exception>
    public static void Check(object document)
    {
        switch (document)
        {
            case Kit kit:
                PotAge.NotAhead(kit, Latest);
                break;
            case Painting painting:
                NotAhead("on", painting.On);
                NotAhead("reaction", painting.Reaction?.On);
                break;
            case Case packed:
                NotAhead("cleaned", packed.Cleaned.Select(c => (DateOnly?)c.On).Max());
                break;
        }
    }

    private static void NotAhead(string field, DateOnly? day)
    {
        if (day > Latest)
        {
            throw new InputException(field, ProblemCode.DayAhead, ("on", day.Value.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture)));
        }
    }
}

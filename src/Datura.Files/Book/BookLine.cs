namespace Datura.Files.Book;

/// <summary>A session as a line of a table.</summary>
/// <param name="Look">Its name, or its id.</param>
/// <param name="Minutes">Taken; null when nobody knows.</param>
public sealed record BookLine(DateOnly On, string Look, double? Minutes, double? PlannedMinutes, string Painter)
{
    public string Wearer { get; init; } = "";

    /// <summary>Where it was stopped early; empty for the end.</summary>
    public string Reached { get; init; } = "";

    public string LeftOut { get; init; } = "";

    /// <summary>Steps that were wiped and laid again.</summary>
    public int LaidAgain { get; init; }

    public string Notes { get; init; } = "";

    /// <summary>With their lots.</summary>
    public string Paints { get; init; } = "";

    public string Reaction { get; init; } = "";
}

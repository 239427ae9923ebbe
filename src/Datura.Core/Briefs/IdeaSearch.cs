namespace Datura.Core.Briefs;

/// <summary>Finds the idea and the temper that a painter's words mean.</summary>
public static class IdeaSearch
{
    // From this many letters on a word may be begun only: "corm" for a cormorant.
    private const int LeastBegun = 4;

    /// <returns>The ideas that answer, the likeliest first; all of them when no word is known.</returns>
    public static IReadOnlyList<Idea> Find(string words, IReadOnlyList<Idea> ideas)
    {
        var wanted = Split(words);
        (Idea Idea, int Score)[] found = [.. ideas.Select(i => (i, Score(i, wanted))).Where(i => i.Item2 > 0).OrderByDescending(i => i.Item2)];
        return found.Length > 0 ? [.. found.Select(f => f.Idea)] : ideas;
    }

    /// <summary>The temper that the words name, if any.</summary>
    public static Temper? TemperIn(string words) => Split(words) is var wanted && Tempers.Words.Where(t => t.Value.Intersect(wanted).Any()).Select(t => (Temper?)t.Key).FirstOrDefault() is { } found
        ? found : null;

    /// <summary>Whether one of some words is among them.</summary>
    internal static bool Names(string words, IReadOnlyList<string> some) => Split(words).Intersect(some).Any();

    /// <summary>Those words of an idea that only some of it is for and that a brief names: of a beast, the wolf.</summary>
    internal static IReadOnlyList<string> Named(string words, Idea idea)
    {
        var wanted = Split(words);
        return [.. idea.Palettes.SelectMany(p => p.Of).Concat(idea.Parts.SelectMany(p => p.Of)).Distinct().Where(own => wanted.Any(w => w == own || Begins(own, w) || Begins(w, own)))];
    }

    private static int Score(Idea idea, string[] wanted) => wanted.Sum(w =>
        Split(idea.Name).Contains(w) ? 4 : idea.Words.Contains(w) ? 3 : idea.Words.Any(own => Begins(own, w) || Begins(w, own)) ? 1 : 0);

    private static bool Begins(string whole, string part) => part.Length >= LeastBegun && whole.StartsWith(part, StringComparison.Ordinal);

    private static string[] Split(string words) => words.ToLowerInvariant().Split([' ', ',', '.', ';', '-', '/', '\n', '\t'], StringSplitOptions.RemoveEmptyEntries);
}

namespace Datura.Documents;

/// <summary>The ideas that ship with the program; a painter's own have the same form.</summary>
public static class IdeaFiles
{
    private static readonly Lazy<IReadOnlyList<Idea>> Read = new(() => [.. typeof(IdeaFiles).Assembly.GetManifestResourceNames()
        .Where(n => n.StartsWith("ideas/", StringComparison.Ordinal)).Order(StringComparer.Ordinal).Select(n => DocumentTypes.Idea.ReadFile(Text(n)))]);

    public static IReadOnlyList<Idea> Shipped => Read.Value;

    private static string Text(string name)
    {
        using var stream = typeof(IdeaFiles).Assembly.GetManifestResourceStream(name)!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}

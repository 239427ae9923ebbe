using System.Text.RegularExpressions;

namespace Datura.Core.Tests;

/// <summary>What the papers name is there.</summary>
public partial class DocsTests
{
    // An invented name in a how-to is an example of what to add.
    private static readonly HashSet<string> Examples = ["Knot.cs", "CallSheet.cs", "history.test.ts", "map.spec.ts"];

    public static TheoryData<string> Papers => [.. new[] { "README.md", "CONTRIBUTING.md", "CHANGELOG.md" }
        .Concat(Directory.GetFiles(Path.Combine(Repository.Root, "docs"), "*.md", SearchOption.AllDirectories).Select(f => Path.GetRelativePath(Repository.Root, f)))];

    private static HashSet<string> Files { get; } = [.. new[] { "src", "tests", "web/src", "web/test", "scripts", "demo" }
        .SelectMany(f => Directory.EnumerateFiles(Path.Combine(Repository.Root, f), "*", SearchOption.AllDirectories)).Where(f => !f.Contains("node_modules", StringComparison.Ordinal))
            .Select(f => Path.GetFileName(f))];

    // Longer lines are not read to their end; .editorconfig names the same length.
    [Fact]
    public void NoLineOfCodeIsTooLong()
    {
        var most = int.Parse(Longest().Match(File.ReadAllText(Path.Combine(Repository.Root, ".editorconfig"))).Groups[1].Value, System.Globalization.CultureInfo.InvariantCulture);
        var code = new[] { "src", "tests" }.SelectMany(f => Directory.EnumerateFiles(Path.Combine(Repository.Root, f), "*.cs", SearchOption.AllDirectories))
            .Where(f => !f.Contains($"{Path.DirectorySeparatorChar}obj{Path.DirectorySeparatorChar}", StringComparison.Ordinal));
        Assert.Empty(code.SelectMany(f => File.ReadLines(f).Select((l, k) => (Where: $"{Path.GetFileName(f)}:{k + 1}", l.Length))).Where(l => l.Length > most).Select(l => l.Where));
    }

    [GeneratedRegex(@"max_line_length = (\d+)")]
    private static partial Regex Longest();

    [Theory]
    [MemberData(nameof(Papers))]
    public void EveryLinkLeadsSomewhere(string paper)
    {
        var folder = Path.GetDirectoryName(Path.Combine(Repository.Root, paper))!;
        var dead = Link().Matches(File.ReadAllText(Path.Combine(Repository.Root, paper))).Select(m => m.Groups[1].Value)
            .Where(l => !l.StartsWith('#') && !l.Contains("://", StringComparison.Ordinal)).Where(l => !Path.Exists(Path.Combine(folder, l.Split('#')[0]))).ToArray();
        Assert.Empty(dead);
    }

    [Theory]
    [MemberData(nameof(Papers))]
    public void EveryFileNamedIsThere(string paper)
    {
        var gone = Named().Matches(File.ReadAllText(Path.Combine(Repository.Root, paper))).Select(m => Path.GetFileName(m.Groups[1].Value))
            .Where(f => !Examples.Contains(f) && !Files.Contains(f)).Distinct().ToArray();
        Assert.Empty(gone);
    }

    [GeneratedRegex(@"\]\(([^)\s]+)\)")]
    private static partial Regex Link();

    [GeneratedRegex(@"`([\w./-]+\.(?:cs|ts|vue|mjs|csv|txt|sql))`")]
    private static partial Regex Named();
}

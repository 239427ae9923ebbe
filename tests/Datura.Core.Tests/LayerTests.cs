using System.Text.RegularExpressions;

namespace Datura.Core.Tests;

/// <summary>
/// Folders of the core and the arrows between them. From left to right nothing may point back.
/// </summary>
public partial class LayerTests
{
    private static readonly string[] Order = ["Body", "Paint", "Shapes", "Form", "Order", "Fit", "Caution"];

    [Fact]
    public void NoFolderReadsWhatStandsAboveIt()
    {
        var arrows = Sources().SelectMany(s => Used(s.Text).Where(u => u != s.Folder).Select(u => (From: s.Folder, To: u, s.Name))).ToArray();
        Assert.Contains(arrows, a => a is { From: "Caution", To: "Order" });
        var wrong = arrows.Where(a => Array.IndexOf(Order, a.To) > Array.IndexOf(Order, a.From)).Select(a => $"{a.Name} reads {a.To}").Distinct().ToArray();
        Assert.Empty(wrong);
    }

    // What each assembly may know: the leaves nothing of ours, the records no computation, the core no file, store or interface.
    [Theory]
    [InlineData("Datura.Numerics", "")]
    [InlineData("Datura.Colour", "")]
    [InlineData("Datura.Domain", "Datura.Numerics Datura.Colour")]
    [InlineData("Datura.Core", "Datura.Numerics Datura.Colour Datura.Domain")]
    [InlineData("Datura.Documents", "Datura.Numerics Datura.Colour Datura.Domain Datura.Core")]
    [InlineData("Datura.Files", "Datura.Numerics Datura.Colour Datura.Domain Datura.Core Datura.Documents")]
    public void AnAssemblyKnowsOnlyWhatStandsBelow(string name, string below)
    {
        var known = System.Reflection.Assembly.Load(name).GetReferencedAssemblies().Select(a => a.Name!).ToArray();
        Assert.Empty(known.Where(a => a.StartsWith("Datura.", StringComparison.Ordinal)).Except(below.Split(' ')));
        Assert.DoesNotContain(known, a => a.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal) || a is "Dapper" or "Npgsql" || a == "SkiaSharp" && name != "Datura.Files");
    }

    [Fact]
    public void EveryTypeStandsInTheFileOfItsName()
    {
        var files = Directory.GetFiles(Path.Combine(Repository.Root, "src"), "*.cs", SearchOption.AllDirectories)
            .Where(f => !f.Contains($"{Path.DirectorySeparatorChar}obj{Path.DirectorySeparatorChar}", StringComparison.Ordinal)).ToArray();
        Assert.True(files.Length > 300);
        Assert.Empty(files.SelectMany(f => Declared().Matches(File.ReadAllText(f)).Select(m => m.Groups["name"].Value)
            .Where(name => name != Path.GetFileName(f).Split('.')[0]).Select(name => $"{name} in {Path.GetFileName(f)}")));
    }

    private static IEnumerable<(string Folder, string Name, string Text)> Sources()
    {
        var core = Path.Combine(Repository.Root, "src", "Datura.Core");
        return Order.SelectMany(folder => Directory.GetFiles(Path.Combine(core, folder), "*.cs", SearchOption.AllDirectories)
            .Select(f => (folder, Path.GetRelativePath(core, f), File.ReadAllText(f))));
    }

    private static IEnumerable<string> Used(string text) => Named().Matches(text).Select(m => m.Groups["in"].Success ? m.Groups["in"].Value : m.Groups["by"].Value).Where(Order.Contains).Distinct();

    [GeneratedRegex(@"^(public |internal )?((static|sealed|abstract|readonly|partial) )*(record struct|record|class|struct|enum|interface) (?<name>\w+)", RegexOptions.Multiline)]
    private static partial Regex Declared();

    [GeneratedRegex(@"^using (static )?Datura\.Core\.(?<in>\w+)|(?<![\w.""])(?<by>Body|Paint|Shapes|Form|Order|Fit|Caution)\.[A-Z]\w+", RegexOptions.Multiline)]
    private static partial Regex Named();
}

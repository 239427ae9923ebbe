using System.Text.RegularExpressions;

namespace Datura.Core.Tests;

/// <summary>
/// Folders of the core and the arrows between them. From left to right nothing may point back; what does today is named here and may
/// only become less.
/// </summary>
public partial class LayerTests
{
    private static readonly string[] Order = ["Wording", "Body", "Paint", "Shapes", "Form", "Order", "Fit", "Caution"];

    // Debts: places of the chart in messages; what a coat is (mix, lay, stage), which the paint is reckoned for.
    private static readonly (string From, string To)[] Back = [("Wording", "Body"), ("Paint", "Shapes")];

    [Fact]
    public void NoFolderReadsWhatStandsAboveIt()
    {
        var arrows = Sources().SelectMany(s => Used(s.Text).Where(u => u != s.Folder).Select(u => (From: s.Folder, To: u, s.Name))).ToArray();
        Assert.Contains(arrows, a => a is { From: "Caution", To: "Order" });
        var wrong = arrows.Where(a => Array.IndexOf(Order, a.To) > Array.IndexOf(Order, a.From) && !Back.Contains((a.From, a.To))).Select(a => $"{a.Name} reads {a.To}").Distinct().ToArray();
        Assert.Empty(wrong);
        Assert.All(Back, b => Assert.Contains(arrows, a => a.From == b.From && a.To == b.To));
    }

    // The core knows no interface, no file and no store.
    [Fact]
    public void TheCoreStandsAlone() => Assert.DoesNotContain(typeof(Planner).Assembly.GetReferencedAssemblies(), a => a.Name!.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal) || a.Name is "Dapper" or "Npgsql" or "SkiaSharp" || a.Name!.StartsWith("Datura.", StringComparison.Ordinal));

    private static IEnumerable<(string Folder, string Name, string Text)> Sources()
    {
        var above = Directory.GetParent(AppContext.BaseDirectory);
        while (!Directory.Exists(Path.Combine(above!.FullName, "src", "Datura.Core")))
        {
            above = above.Parent;
        }

        var core = Path.Combine(above.FullName, "src", "Datura.Core");
        return Order.SelectMany(folder => Directory.GetFiles(Path.Combine(core, folder), "*.cs", SearchOption.AllDirectories).Select(f => (folder, Path.GetRelativePath(core, f), File.ReadAllText(f))));
    }

    private static IEnumerable<string> Used(string text) => Named().Matches(text).Select(m => m.Groups["in"].Success ? m.Groups["in"].Value : m.Groups["by"].Value).Where(Order.Contains).Distinct();

    [GeneratedRegex(@"^using (static )?Datura\.Core\.(?<in>\w+)|(?<![\w.""])(?<by>Body|Paint|Shapes|Form|Order|Fit|Caution)\.[A-Z]\w+", RegexOptions.Multiline)]
    private static partial Regex Named();
}

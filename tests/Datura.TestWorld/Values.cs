using System.Globalization;

namespace Datura.TestWorld;

/// <summary>Reads the tables of published values beside the tests.</summary>
public static class Values
{
    public static IEnumerable<string[]> Rows(string name) => File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Values", name))
        .Skip(1).Where(l => l.Length > 0).Select(l => l.Split(','));

    public static double Number(this string text) => double.Parse(text, CultureInfo.InvariantCulture);
}

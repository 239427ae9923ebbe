using System.Globalization;

namespace Datura.Core.Body;

/// <summary>Reads the small tables embedded in this assembly.</summary>
internal static class CsvData
{
    /// <returns>The rows after the header, split at commas; lines that begin with # are notes.</returns>
    public static IEnumerable<string[]> Rows(string resource)
    {
        using var stream = typeof(CsvData).Assembly.GetManifestResourceStream(resource)
            ?? throw new InvalidOperationException($"The table {resource} is missing from the build.");
        using var reader = new StreamReader(stream);
        var header = true;
        while (reader.ReadLine() is { } line)
        {
            if (line.Length == 0 || line[0] == '#')
            {
                continue;
            }

            if (!header)
            {
                yield return line.Split(',');
            }

            header = false;
        }
    }

    public static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);
}

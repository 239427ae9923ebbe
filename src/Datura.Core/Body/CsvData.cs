using System.Globalization;

namespace Datura.Core.Body;

/// <summary>Reads the small tables embedded in this assembly.</summary>
internal static class CsvData
{
    /// <returns>The rows after the header, split at commas.</returns>
    public static IEnumerable<string[]> Rows(string resource)
    {
        using var stream = typeof(CsvData).Assembly.GetManifestResourceStream(resource)
            ?? throw new InvalidOperationException($"The table {resource} is missing from the build.");
        using var reader = new StreamReader(stream);
        reader.ReadLine();
        while (reader.ReadLine() is { } line)
        {
            if (line.Length > 0)
            {
                yield return line.Split(',');
            }
        }
    }

    public static double Number(string text) => double.Parse(text, CultureInfo.InvariantCulture);
}

using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Datura.Files.Kits;

namespace Datura.Files.Book;

/// <summary>The book as a table (RFC 4180): a line for every session. Columns may stand in any order; others may be there too.</summary>
public static class BookTable
{
    public const int MostLines = 5000;

    private static readonly string[] Needed = ["day", "look", "minutes"];

    private static readonly string[] Others = ["planned minutes", "painter", "wearer", "reached", "left out", "laid again", "notes", "paints", "reaction"];

    public static string Write(IEnumerable<BookLine> lines)
    {
        using var text = new StringWriter();
        using (var csv = new CsvWriter(text, Configuration()))
        {
            foreach (var column in Needed.Concat(Others))
            {
                csv.WriteField(column);
            }

            csv.NextRecord();
            foreach (var l in lines)
            {
                foreach (var field in new[]
                {
                    l.On.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), l.Look, Minutes(l.Minutes), Minutes(l.PlannedMinutes), l.Painter, l.Wearer, l.Reached, l.LeftOut,
                    l.LaidAgain > 0 ? l.LaidAgain.ToString(CultureInfo.InvariantCulture) : "", l.Notes, l.Paints, l.Reaction,
                })
                {
                    csv.WriteField(KitCsv.Plain(field));
                }

                csv.NextRecord();
            }
        }

        return text.ToString();
    }

    /// <exception cref="InputException">Says which column is missing, or which line cannot be read.</exception>
    public static IReadOnlyList<BookLine> Read(string text)
    {
        using var csv = new CsvReader(new StringReader(text), Configuration());
        if (!Header(csv))
        {
            throw new InputException("file", ProblemCode.BookEmpty, ("columns", string.Join(", ", Needed)));
        }

        string[] missing = [.. Needed.Where(c => !csv.HeaderRecord!.Any(h => h.Trim().Equals(c, StringComparison.OrdinalIgnoreCase)))];
        if (missing.Length > 0)
        {
            throw new InputException("file", ProblemCode.BookColumns, ("missing", string.Join(", ", missing)));
        }

        var lines = new List<BookLine>();
        while (Next(csv, lines.Count + 2))
        {
            if (lines.Count == MostLines)
            {
                throw new InputException("file", ProblemCode.BookLines, ("most", MostLines));
            }

            lines.Add(Line(csv, lines.Count + 2));
        }

        return lines;
    }

    private static BookLine Line(CsvReader csv, int line)
    {
        string Text(string column) => csv.TryGetField<string>(column, out var text) ? KitCsv.Unplain(text?.Trim() ?? "") : "";
        string Short(string column, int most) => Text(column) is var text && text.Length <= most ? text : throw Refused(line, $"{column} has more than {most} letters");
        double? Number(string column) => Text(column) is not { Length: > 0 } text ? null
            : double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && value is >= 0.1 and <= 1440 ? value
            : throw Refused(line, $"{column} is \"{(text.Length > 40 ? text[..40] : text)}\", no number of minutes from 0.1 to 1440");
        var day = Text("day");
        if (!DateOnly.TryParseExact(day, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var on))
        {
            throw Refused(line, $"day is \"{(day.Length > 40 ? day[..40] : day)}\", not written as 2026-10-31");
        }

        var look = Short("look", Limits.LongestName);
        return look.Length == 0 ? throw Refused(line, "look is empty")
            : new(on, look, Number("minutes") ?? throw Refused(line, "minutes are empty"), Number("planned minutes"), Short("painter", Limits.LongestName)) { Notes = Short("notes", Limits.LongestNotes) };
    }

    private static bool Header(CsvReader csv)
    {
        try
        {
            return csv.Read() && csv.ReadHeader();
        }
        catch (CsvHelperException)
        {
            return false;
        }
    }

    private static bool Next(CsvReader csv, int line)
    {
        try
        {
            return csv.Read();
        }
        catch (CsvHelperException)
        {
            throw Refused(line, "a quotation mark is not closed, or stands where none may");
        }
    }

    private static InputException Refused(int line, string what) => new("file", ProblemCode.BookLine, ("line", line), ("what", what));

    private static string Minutes(double? minutes) => minutes is { } m ? Math.Round(m, 2).ToString(CultureInfo.InvariantCulture) : "";

    private static CsvConfiguration Configuration() => new(CultureInfo.InvariantCulture)
    {
        NewLine = "\r\n",
        PrepareHeaderForMatch = header => header.Header.Trim().ToLowerInvariant(),
        MissingFieldFound = null,
    };
}

using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Datura.Core;

namespace Datura.Files.Kits;

/// <summary>
/// Paints as a table: one line a paint, with the card's colours over black and white in CIELAB. Columns may stand in any order
/// (RFC 4180, comma separated, first line names the columns).
/// </summary>
public static class KitCsv
{
    private static readonly string[] Columns =
    [
        "id", "name", "material", "finish", "card film µm", "black L", "black a", "black b", "white L", "white a", "white b",
        "coat film µm", "drying s", "near eyes", "on lips",
    ];

    // May be left out, in the table and in each line.
    private static readonly string[] Optional =
    [
        "left ml", "price", "cake", "place in cake", "pot ml", "made for skin", "ingredients", "flake mm", "opened on", "keeps months", "lot", "bought at", "full g", "weighed g",
    ];

    public static string Write(IReadOnlyList<PaintDescription> paints)
    {
        using var text = new StringWriter();
        using (var csv = new CsvWriter(text, Configuration()))
        {
            foreach (var column in Columns.Concat(Optional))
            {
                csv.WriteField(column);
            }

            foreach (var p in paints)
            {
                csv.NextRecord();
                object[] fields =
                [
                    Plain(p.Id), Plain(p.Name), p.Material, p.Finish, p.CardFilmUm, p.OverBlack.L, p.OverBlack.A, p.OverBlack.B, p.OverWhite.L, p.OverWhite.A, p.OverWhite.B,
                    p.CoatFilmUm, p.DryingSeconds, p.NearEyes ? "yes" : "no", p.OnLips ? "yes" : "no",
                    p.LeftMl is { } left ? left : "", p.Price is { } price ? price : "", Plain(p.Stripe?.Cake ?? ""), p.Stripe is { } stripe ? stripe.Place : "",
                    p.PotMl is { } pot ? pot : "", p.MadeForSkin is { } made ? made ? "yes" : "no" : "", Plain(p.Ingredients), p.FlakeMm is { } flake ? flake : "",
                    p.Pot?.OpenedOn is { } opened ? opened.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) : "", p.Pot?.KeepsMonths is { } months ? months : "",
                    Plain(p.Pot?.Lot ?? ""), Plain(p.Pot?.BoughtAt ?? ""), p.Pot?.FullG is { } full ? full : "", p.Pot?.WeighedG is { } weighed ? weighed : "",
                ];
                foreach (var field in fields)
                {
                    csv.WriteField(Convert.ToString(field, CultureInfo.InvariantCulture));
                }
            }

            csv.NextRecord();
        }

        return text.ToString();
    }

    /// <exception cref="InputException">A column is missing, a value is nonsense, or there are too many lines.</exception>
    public static IReadOnlyList<PaintDescription> Read(string text)
    {
        using var csv = new CsvReader(new StringReader(text), Configuration());
        if (!csv.Read() || !csv.ReadHeader())
        {
            throw Refusal(1, ProblemCode.TableEmpty);
        }

        var missing = Columns.Where(c => !csv.HeaderRecord!.Contains(c, StringComparer.OrdinalIgnoreCase)).ToArray();
        if (missing.Length > 0)
        {
            throw Refusal(1, ProblemCode.TableColumns, ("columns", string.Join(", ", missing)));
        }

        var paints = new List<PaintDescription>();
        while (csv.Read())
        {
            if (paints.Count == Limits.MostPaints)
            {
                throw Refusal(csv.Parser.RawRow, ProblemCode.TableTooLong, ("most", Limits.MostPaints));
            }

            paints.Add(Paint(csv));
        }

        return paints;
    }

    private static PaintDescription Paint(CsvReader csv)
    {
        string Text(string column) => csv.GetField(column) is { Length: > 0 } value ? value
            : throw Refusal(csv.Parser.RawRow, ProblemCode.TableCellEmpty, ("column", column));
        double Number(string column) => double.TryParse(Text(column), NumberStyles.Float, CultureInfo.InvariantCulture, out var n) && double.IsFinite(n)
            ? n : throw Refusal(csv.Parser.RawRow, ProblemCode.TableNoNumber, ("column", column), ("text", Text(column)));
        bool Has(string column) => csv.HeaderRecord!.Contains(column, StringComparer.OrdinalIgnoreCase) && csv.GetField(column) is { Length: > 0 };
        double? Maybe(string column) => Has(column) ? Number(column) : null;
        T Word<T>(string column) where T : struct, Enum => Enum.TryParse<T>(Text(column), ignoreCase: true, out var word) && Enum.IsDefined(word)
            ? word : throw Refusal(csv.Parser.RawRow, ProblemCode.TableWord, ("column", column), ("known", string.Join(", ", Enum.GetNames<T>())));
        bool Yes(string column) => Text(column).ToLowerInvariant() switch
        {
            "yes" or "true" or "1" => true,
            "no" or "false" or "0" => false,
            _ => throw Refusal(csv.Parser.RawRow, ProblemCode.TableYesNo, ("column", column)),
        };
        string Said(string column) => Text(column) is var text && text.Length > Limits.LongestName
            ? throw Refusal(csv.Parser.RawRow, ProblemCode.TableText, ("column", column), ("most", Limits.LongestName)) : Unplain(text);
        string Noted(string column, int most) => !Has(column) ? "" : Text(column) is var text && text.Length > most
            ? throw Refusal(csv.Parser.RawRow, ProblemCode.TableText, ("column", column), ("most", most)) : Unplain(text);
        DateOnly? Day(string column) => !Has(column) ? null : DateOnly.TryParseExact(Text(column), "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day)
            ? day : throw Refusal(csv.Parser.RawRow, ProblemCode.TableDay, ("column", column), ("text", Text(column)));
        var pot = new PaintPot(Day("opened on"), Maybe("keeps months"), Maybe("full g"), Maybe("weighed g")) { Lot = Noted("lot", Limits.LongestName), BoughtAt = Noted("bought at", Limits.LongestName) };
        var paint = new PaintDescription(
            Said("id"), Said("name"), Word<Material>("material"), Word<Finish>("finish"), Number("card film µm"),
            new(Number("black L"), Number("black a"), Number("black b")), new(Number("white L"), Number("white a"), Number("white b")),
            Number("coat film µm"), Number("drying s"), Yes("near eyes"), Yes("on lips"), Maybe("left ml"), Maybe("price"),
            Has("cake") && csv.GetField("cake") is { } cake
                ? new(Unplain(cake), (int)(Maybe("place in cake") ?? throw Refusal(csv.Parser.RawRow, ProblemCode.TableStripe))) : null)
        {
            PotMl = Maybe("pot ml"),
            MadeForSkin = Has("made for skin") ? Yes("made for skin") : null,
            Ingredients = Noted("ingredients", Limits.LongestNotes),
            FlakeMm = Maybe("flake mm"),
            Pot = pot == new PaintPot() ? null : pot,
        };
        try
        {
            DocumentCheck.Check(paint, "file");
        }
        catch (InputException problem)
        {
            throw Refusal(csv.Parser.RawRow, ProblemCode.TablePaint, ("why", problem.Problem));
        }

        return paint;
    }

    // A text that begins like a formula is one to a spreadsheet; an apostrophe before it says that it is a text (common practice of such
    // tables). One that begins with an apostrophe gets a second, so that reading gives back what was written.
    private const string Formulas = "=+-@\t\r'";

    internal static string Plain(string text) => text.Length > 0 && Formulas.Contains(text[0]) ? $"'{text}" : text;

    internal static string Unplain(string text) => text.Length > 1 && text[0] == '\'' && Formulas.Contains(text[1]) ? text[1..] : text;

    private static InputException Refusal(int line, ProblemCode code, params (string Name, object Value)[] values) => new("file", code, [("line", line), .. values]);

    private static CsvConfiguration Configuration() => new(CultureInfo.InvariantCulture)
    {
        PrepareHeaderForMatch = a => a.Header.ToLowerInvariant(),
        MissingFieldFound = null,
        BadDataFound = null,
    };
}

using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Datura.Core.Supply;
using Datura.Files.Kits;

namespace Datura.Files.Sheets;

/// <summary>A packing list as a table (RFC 4180).</summary>
public static class PackingTable
{
    public static string Csv(PackedCase packed, IReadOnlyList<SmallThing> small)
    {
        using var text = new StringWriter();
        using (var csv = new CsvWriter(text, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n" }))
        {
            Row("pocket", "what", "pack", "unit", "likely used", "there", "buy pots", "lasts evenings", "last day", "else");
            foreach (var p in packed.Paints)
            {
                Row("paint", KitCsv.Plain(p.Name), p.Pieces > 0 ? p.Pieces : Math.Round(p.Ml, 1), p.Pieces > 0 ? "pieces" : "ml", p.Pieces > 0 ? "" : Math.Round(p.LikelyMl, 1), p.LeftMl ?? (object)"", p.BuyPots ?? (object)"",
                    p.LastsEvenings ?? (object)"", p.LastDay is { } day ? day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) : "", p.Instead ?? "");
            }

            foreach (var t in packed.Tools)
            {
                Row(t.Fresh ? "clean for every colour and face" : "brushes and others", KitCsv.Plain(t.Name), t.Count, "", "", "", "", "", "", t.Instead ?? "");
            }

            foreach (var s in small)
            {
                Row("beside", s.Name, s.Count, "", "", "", "", "", "", "");
            }

            void Row(params object[] fields)
            {
                foreach (var field in fields)
                {
                    csv.WriteField(Convert.ToString(field, CultureInfo.InvariantCulture));
                }

                csv.NextRecord();
            }
        }

        return text.ToString();
    }
}

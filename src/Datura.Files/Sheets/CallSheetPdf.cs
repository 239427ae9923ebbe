using System.Globalization;

namespace Datura.Files.Sheets;

/// <summary>A call sheet on paper: of the whole evening, or of one painter or wearer.</summary>
public static class CallSheetPdf
{
    private const float Line = 19;

    /// <param name="of">Name of a painter or wearer; null for all.</param>
    /// <param name="lookOf">Name of a look by its id.</param>
    public static byte[] Pdf(Production production, Performance evening, string? of, Func<string, string> lookOf, PaperSize paper)
    {
        using var stream = new MemoryStream();
        var title = of is null ? production.Name : $"{production.Name}: {of}";
        using (var sheet = new SheetCanvas(stream, paper, title, $"{production.Name} · {evening.On:yyyy-MM-dd} · whoever itches or feels hot says so at once; the paint then comes off"))
        {
            sheet.Text(title, SheetCanvas.Margin, sheet.Y + 22, SheetFonts.Heading, 24);
            sheet.Y += 32;
            sheet.Text(string.Create(CultureInfo.InvariantCulture, $"{evening.On:dddd d MMMM yyyy} · bell {Clock(evening.BellMinute)}"), SheetCanvas.Margin, sheet.Y + 12, SheetFonts.Bold, 13);
            sheet.Y += 26;
            var calls = evening.Calls.Where(c => of is null || c.Painter == of || c.Wearer == of).OrderBy(c => c.FromMinute).ToArray();
            if (calls.Length == 0)
            {
                sheet.Text("No calls are out for this evening.", SheetCanvas.Margin, sheet.Y + 12, SheetFonts.Text, 11);
            }

            Row(sheet, SheetFonts.Bold, "In the chair", "Wearer", "Look", "Painter", "Out of it", "Ready");
            foreach (var call in calls)
            {
                var wearer = production.Wearers.FirstOrDefault(w => w.Name == call.Wearer);
                var understudy = evening.Understudies.FirstOrDefault(u => u.For == call.Wearer);
                Row(sheet, SheetFonts.Text, Clock(call.FromMinute), understudy is null ? call.Wearer : $"{understudy.Name} for {call.Wearer}", wearer is null ? "" : lookOf(wearer.Look), call.Painter,
                    Clock(call.PaintedMinute), Clock(call.ReadyMinute));
            }

            foreach (var away in of is null ? evening.Away : [])
            {
                sheet.Need(Line);
                sheet.Text($"{away} does not come.", SheetCanvas.Margin, sheet.Y + 13, SheetFonts.Text, 10);
                sheet.Y += Line;
            }
        }

        return stream.ToArray();
    }

    private static void Row(SheetCanvas sheet, SkiaSharp.SKTypeface font, params string[] cells)
    {
        ReadOnlySpan<float> at = [0, 0.15f, 0.4f, 0.64f, 0.8f, 0.91f];
        sheet.Need(Line);
        for (var k = 0; k < cells.Length; k++)
        {
            sheet.Text(cells[k], SheetCanvas.Margin + at[k] * sheet.Width, sheet.Y + 13, font, 10);
        }

        sheet.Y += Line;
        sheet.Rule(SheetCanvas.Margin, sheet.Y - 2, SheetCanvas.Margin + sheet.Width, sheet.Y - 2, 0.3f, 200);
    }

    private static string Clock(int minute) => FormattableString.Invariant($"{minute / 60}:{minute % 60:00}");
}

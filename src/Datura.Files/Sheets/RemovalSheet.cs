using System.Globalization;
using Datura.Core;
using Datura.Core.After;
using Datura.Files.Pictures;

namespace Datura.Files.Sheets;

/// <summary>The removal card on paper: for the wearer's pocket, A6.</summary>
public static class RemovalSheet
{
    private const float Small = 18;
    private const float PictureWidth = 84;
    private const int Pixels = 260;

    public static byte[] Pdf(PlannedLook look, RemovalCard card)
    {
        using var stream = new MemoryStream();
        using (var sheet = new SheetCanvas(stream, PaperSize.A6, $"Taking off: {card.Look}", "The product's label comes first.", Small))
        {
            var height = PictureWidth * 1.18f;
            var (rgba, w, h) = BustPicture.Finished(look, BustView.Front, Pixels, (int)(Pixels * 1.18));
            sheet.Picture(StepSheet.Seen(look, rgba, w, h), w, h, new(sheet.Left + sheet.Width - PictureWidth, sheet.Y, sheet.Left + sheet.Width, sheet.Y + height));
            var (top, beside) = (sheet.Y, sheet.Width - PictureWidth - 8);
            sheet.Y += sheet.Paragraph("How it comes off", sheet.Left, sheet.Y, beside, SheetFonts.Heading, 15) + 2;
            sheet.Y += sheet.Paragraph(card.Look, sheet.Left, sheet.Y, beside, SheetFonts.Bold, 10) + 2;
            sheet.Y += sheet.Paragraph(string.Create(CultureInfo.InvariantCulture, $"About {Math.Ceiling(card.Minutes):0} minutes, before sleep, gently."), sheet.Left, sheet.Y, beside, SheetFonts.Text, 9);
            sheet.Y = Math.Max(sheet.Y, top + height) + 8;
            foreach (var (step, k) in card.Steps.Select((s, k) => (s, k + 1)))
            {
                Step(sheet, step, k);
            }

            Back(sheet, look, card);
        }

        return stream.ToArray();
    }

    // The other side: what to do when the skin answers, both sides of the face, and who to ask.
    private static void Back(SheetCanvas sheet, PlannedLook look, RemovalCard card)
    {
        sheet.Need(sheet.Bottom);
        sheet.Y += sheet.Paragraph("If the skin answers", sheet.Left, sheet.Y, sheet.Width, SheetFonts.Heading, 13) + 4;
        foreach (var rule in card.Rules)
        {
            sheet.Y += sheet.Paragraph(rule, sheet.Left, sheet.Y, sheet.Width, SheetFonts.Text, 8.5f) + 4;
        }

        var (width, gap) = ((sheet.Width - 8) / 2, 8);
        var height = width * 1.18f;
        foreach (var (view, x) in new[] { (BustView.ThreeQuarterRight, sheet.Left), (BustView.ThreeQuarterLeft, sheet.Left + width + gap) })
        {
            var (rgba, w, h) = BustPicture.Finished(look, view, Pixels, (int)(Pixels * 1.18));
            sheet.Picture(StepSheet.Seen(look, rgba, w, h), w, h, new(x, sheet.Y + 4, x + width, sheet.Y + 4 + height));
        }

        sheet.Y += height + 30;
        foreach (var (label, x) in new[] { ("Painted on", sheet.Left), ("by, and where to ask", sheet.Left + width + gap) })
        {
            sheet.Rule(x, sheet.Y, x + width, sheet.Y, 0.4f);
            sheet.Text(label, x, sheet.Y + 9, SheetFonts.Text, 7, 60);
        }
    }

    private static void Step(SheetCanvas sheet, RemovalStep step, int number)
    {
        const float indent = 14;
        var paints = step.Paints.Count == 0 ? "" : $"{string.Join(", ", step.Paints)}. ";
        var words = $"{paints}{step.How}";
        sheet.Need(SheetCanvas.ParagraphHeight(words, sheet.Width - indent, SheetFonts.Text, 7.5f) + 15);
        sheet.Text(number.ToString(CultureInfo.InvariantCulture), sheet.Left, sheet.Y + 9, SheetFonts.Bold, 9);
        sheet.Text(step.Title, sheet.Left + indent, sheet.Y + 9, SheetFonts.Bold, 9);
        sheet.Text(string.Create(CultureInfo.InvariantCulture, $"{step.Minutes:0.#} min"), sheet.Left + sheet.Width, sheet.Y + 9, SheetFonts.Text, 7.5f, align: SkiaSharp.SKTextAlign.Right);
        sheet.Y += 11;
        sheet.Y += sheet.Paragraph(words, sheet.Left + indent, sheet.Y, sheet.Width - indent, SheetFonts.Text, 7.5f) + 4;
    }
}

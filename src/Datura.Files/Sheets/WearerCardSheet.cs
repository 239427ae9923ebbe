using System.Globalization;

namespace Datura.Files.Sheets;

/// <summary>A wearer's card on paper, to fill in by hand and to sign.</summary>
public static class WearerCardSheet
{
    private const float Line = 22;
    private const float Box = 10;

    /// <param name="name">Whose; null for a blank one.</param>
    public static byte[] Pdf(string? name, WearerCard card, PaperSize paper)
    {
        using var stream = new MemoryStream();
        using (var sheet = new SheetCanvas(stream, paper, "Wearer's card", "Kept apart from the face's measures, shown, handed out and deleted on request."))
        {
            sheet.Text("Before the first stroke", SheetCanvas.Margin, sheet.Y + 22, SheetFonts.Heading, 22);
            sheet.Y += 40;
            Written(sheet, "Name", name ?? "");
            Ticked(sheet, "Painting my face, neck and chest with cosmetic paint is agreed to by",
                ("me, of age", card.Consent == Consent.Wearer), ("whoever answers for the child", card.Consent == Consent.Guardian));
            Ticked(sheet, "Pictures of the painted face", ("none", name is not null && card.Photos == PhotoUse.None), ("for the painter's own book", card.Photos == PhotoUse.OwnBook),
                ("may be shown", card.Photos == PhotoUse.Shown));
            Ticked(sheet, "Age", ("under 3", card.Age == AgeGroup.UnderThree), ("child", card.Age == AgeGroup.Child), ("adult", card.Age == AgeGroup.Adult));
            Written(sheet, "Allergies, one by one", string.Join(", ", card.Allergies));
            Ticked(sheet, "Today", ("broken skin", card.States.Contains(WearerState.BrokenSkin)), ("sunburn", card.States.Contains(WearerState.Sunburnt)),
                ("cold sore", card.States.Contains(WearerState.ColdSore)), ("an infection", card.States.Contains(WearerState.Infection)), ("asthma", card.States.Contains(WearerState.Asthma)));
            Ticked(sheet, "I have", ("lenses", card.Brings.Contains(WearerCaution.Lenses)), ("glasses", card.Brings.Contains(WearerCaution.Glasses)),
                ("sensitive skin", card.Brings.Contains(WearerCaution.SensitiveSkin)), ("a beard", card.Brings.Contains(WearerCaution.Beard)));
            Written(sheet, "What I want", card.Wants);
            Written(sheet, "What I do not want", card.DoesNotWant);
            Written(sheet, "I can sit for, min", card.PatienceMinutes is { } minutes ? minutes.ToString("0", CultureInfo.InvariantCulture) : "");
            sheet.Y += sheet.Paragraph(
                name is null ? FormattableString.Invariant($"This card is kept for {WearerCard.UsualDays} days and then deleted, or at once when you say so.")
                    : FormattableString.Invariant($"This card is deleted on {card.DeleteOn:yyyy-MM-dd}, or at once when you say so."),
                SheetCanvas.Margin, sheet.Y + 4, sheet.Width, SheetFonts.Text, 10) + 6;
            sheet.Y += sheet.Paragraph("At stinging, swelling or sore eyes say so at once: it is washed off. If it lasts, a doctor.", SheetCanvas.Margin, sheet.Y, sheet.Width, SheetFonts.Bold, 10) + 34;
            sheet.Rule(SheetCanvas.Margin, sheet.Y, SheetCanvas.Margin + 150, sheet.Y);
            sheet.Rule(SheetCanvas.Margin + 180, sheet.Y, SheetCanvas.Margin + sheet.Width, sheet.Y);
            sheet.Text("Day", SheetCanvas.Margin, sheet.Y + 11, SheetFonts.Text, 9, 60);
            sheet.Text("Signed by the wearer, or by whoever answers for the child", SheetCanvas.Margin + 180, sheet.Y + 11, SheetFonts.Text, 9, 60);
        }

        return stream.ToArray();
    }

    private static void Written(SheetCanvas sheet, string label, string text)
    {
        const float indent = 150;
        var height = Math.Max(Line, SheetCanvas.ParagraphHeight(text, sheet.Width - indent, SheetFonts.Text, 11) + 6);
        sheet.Need(height);
        sheet.Text(label, SheetCanvas.Margin, sheet.Y + 13, SheetFonts.Bold, 10);
        sheet.Paragraph(text, SheetCanvas.Margin + indent, sheet.Y + 1, sheet.Width - indent, SheetFonts.Text, 11);
        sheet.Y += height;
        sheet.Rule(SheetCanvas.Margin + indent, sheet.Y - 4, SheetCanvas.Margin + sheet.Width, sheet.Y - 4, 0.4f, 150);
    }

    private static void Ticked(SheetCanvas sheet, string label, params (string Words, bool On)[] boxes)
    {
        sheet.Need(2 * Line);
        sheet.Y += sheet.Paragraph(label, SheetCanvas.Margin, sheet.Y, sheet.Width, SheetFonts.Bold, 10) + 3;
        var x = SheetCanvas.Margin;
        var each = sheet.Width / Math.Max(3, boxes.Length);
        foreach (var (words, on) in boxes)
        {
            sheet.Swatch("#ffffff", new(x, sheet.Y, x + Box, sheet.Y + Box));
            if (on)
            {
                sheet.Text("x", x + Box / 2, sheet.Y + 8, SheetFonts.Bold, 10, align: SkiaSharp.SKTextAlign.Center);
            }

            sheet.Text(words, x + Box + 5, sheet.Y + 9, SheetFonts.Text, 10);
            x += each;
        }

        sheet.Y += Line;
    }
}

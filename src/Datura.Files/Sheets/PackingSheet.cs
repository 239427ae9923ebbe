using System.Globalization;
using Datura.Core.Supply;

namespace Datura.Files.Sheets;

/// <summary>The packing list on paper, with boxes to tick.</summary>
public static class PackingSheet
{
    private const float Line = 15.5f;
    private const float Box = 9;

    public static byte[] Pdf(Case packed, string kit, PackedCase found, IReadOnlyList<SmallThing> small, PaperSize paper)
    {
        using var stream = new MemoryStream();
        using (var sheet = new SheetCanvas(stream, paper, packed.Name, $"{packed.Name} · the product's label and local rules come first · amounts are estimates"))
        {
            sheet.Text(packed.Name, SheetCanvas.Margin, sheet.Y + 22, SheetFonts.Heading, 24);
            sheet.Y += 34;
            var evenings = packed.Evenings == 1 ? "one evening" : string.Create(CultureInfo.InvariantCulture, $"{packed.Evenings} evenings");
            sheet.Y += sheet.Paragraph(
                string.Create(CultureInfo.InvariantCulture,
                    $"{found.Faces} faces in {evenings}, out of {kit}; {found.Minutes / 60:0.#} hours of painting. Enough but for a chance of {100 * packed.ShortChance:0.#} % for each thing."),
                SheetCanvas.Margin, sheet.Y, sheet.Width, SheetFonts.Text, 10) + 6;
            Pocket(sheet, "Paints", [.. found.Paints.Select(p => (p.Name, Amount(p), Missing(p.GoesOff ? $"{Notes(p)}; open pot goes off {p.LastDay:yyyy-MM-dd}" : Notes(p), p.Instead), (string?)p.Colour))]);
            Pocket(sheet, "Clean for every colour and face", [.. found.Tools.Where(t => t.Fresh).Select(t => (t.Name, $"{t.Count}", Missing("for one evening", t.Instead), (string?)null))]);
            Pocket(sheet, "Brushes and others", [.. found.Tools.Where(t => !t.Fresh).Select(t => (t.Name, $"{t.Count}", Missing("", t.Instead), (string?)null))]);
            Pocket(sheet, "Beside them", [.. small.Select(s => (s.Name, $"{s.Count}", "", (string?)null))]);
            Clean(sheet, found.Hygiene);
        }

        return stream.ToArray();
    }

    private static string Missing(string notes, string? instead) => instead is null ? notes : notes.Length == 0 ? $"else {instead}" : $"{notes}; else {instead}";

    private static void Clean(SheetCanvas sheet, HygienePlan plan)
    {
        if (plan.Between.Count == 0)
        {
            return;
        }

        Pocket(sheet, string.Create(CultureInfo.InvariantCulture, $"Between two faces: {plan.BetweenMinutes:0.#} min, so {plan.FacesPerHour:0.#} faces an hour"),
            [.. plan.Between.Select(t => (t.Words, "", string.Create(CultureInfo.InvariantCulture, $"{60 * t.Minutes:0} s"), (string?)null))]);
        foreach (var rule in plan.Rules)
        {
            sheet.Need(SheetCanvas.ParagraphHeight(rule, sheet.Width, SheetFonts.Text, 9) + 2);
            sheet.Y += sheet.Paragraph(rule, SheetCanvas.Margin, sheet.Y, sheet.Width, SheetFonts.Text, 9) + 2;
        }
    }

    private static string Amount(PackedPaint p) =>
        p.Pieces > 0 ? string.Create(CultureInfo.InvariantCulture, $"{p.Pieces} pieces") : string.Create(CultureInfo.InvariantCulture, $"{p.Ml:0.0} ml, {p.Grams:0.0} g");

    private static string Notes(PackedPaint p) => p switch
    {
        { BuyPots: > 0 and var pots, LeftMl: { } there } => string.Create(CultureInfo.InvariantCulture, $"{there:0.#} ml there; buy {pots} full {(pots == 1 ? "pot" : "pots")}"),
        { LeftMl: { } enough, ShortChance: < 0.005 } => string.Create(CultureInfo.InvariantCulture, $"{enough:0.#} ml there, lasts"),
        { LeftMl: { } left, ShortChance: { } chance } => string.Create(CultureInfo.InvariantCulture, $"{left:0.#} ml there; runs out with {100 * chance:0} %"),
        { Pieces: 0, LeftMl: null } => "look how full it is",
        _ => "",
    };

    private static void Pocket(SheetCanvas sheet, string title, (string What, string Amount, string Notes, string? Colour)[] rows)
    {
        if (rows.Length == 0)
        {
            return;
        }

        sheet.Need(3 * Line);
        sheet.Y += 8;
        sheet.Text(title, SheetCanvas.Margin, sheet.Y + 12, SheetFonts.Bold, 12);
        sheet.Y += Line + 3;
        foreach (var (what, amount, notes, colour) in rows)
        {
            var (left, width) = (SheetCanvas.Margin + sheet.Width * 0.68f, sheet.Width * 0.32f);
            var tall = Line + SheetCanvas.ParagraphHeight(notes, width, SheetFonts.Text, 9) - SheetCanvas.ParagraphHeight("", width, SheetFonts.Text, 9);
            sheet.Need(tall);
            sheet.Swatch("#ffffff", new(SheetCanvas.Margin, sheet.Y + 3, SheetCanvas.Margin + Box, sheet.Y + 3 + Box));
            if (colour is not null)
            {
                sheet.Swatch(colour, new(SheetCanvas.Margin + 16, sheet.Y + 2, SheetCanvas.Margin + 32, sheet.Y + 13));
            }

            sheet.Text(what, SheetCanvas.Margin + 38, sheet.Y + 11, SheetFonts.Text, 10);
            sheet.Text(amount, SheetCanvas.Margin + sheet.Width * 0.66f, sheet.Y + 11, SheetFonts.Bold, 10, align: SkiaSharp.SKTextAlign.Right);
            sheet.Paragraph(notes, left, sheet.Y + 1.5f, width, SheetFonts.Text, 9);
            sheet.Y += tall;
            sheet.Rule(SheetCanvas.Margin, sheet.Y - 1, SheetCanvas.Margin + sheet.Width, sheet.Y - 1, 0.3f, 200);
        }
    }
}

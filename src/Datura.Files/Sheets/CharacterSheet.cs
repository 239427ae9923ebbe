using System.Globalization;
using Datura.Core;
using Datura.Core.Characters;
using Datura.Files.Pictures;
using SkiaSharp;

namespace Datura.Files.Sheets;

/// <summary>The sheet for a crew: the rules on one page with everybody's picture, then every wearer's millimetres side by side.</summary>
public static class CharacterSheet
{
    /// <summary>A wearer whose look was planned.</summary>
    public sealed record Column(string Name, Look Look, PlannedLook Planned, Kit Kit);

    // So many fit beside each other and can still be read at arm's length.
    private const int MostBeside = 5;
    private const int PictureWidth = 240;
    private const int PictureHeight = 270;
    private const float Line = 13;

    public static byte[] Pdf(Character character, IReadOnlyList<Column> wearers, PaperSize paper, IReadOnlyList<ReferencePicture>? references = null)
    {
        using var stream = new MemoryStream();
        using (var sheet = new SheetCanvas(stream, paper, character.Name, $"{character.Name} · the product's label and local rules come first · left and right are the wearer's"))
        {
            sheet.Text(character.Name, SheetCanvas.Margin, sheet.Y + 22, SheetFonts.Heading, 24);
            sheet.Y += 34;
            Pictures(sheet, wearers);
            References(sheet, references ?? []);
            Rules(sheet, character);
            foreach (var some in wearers.Chunk(MostBeside))
            {
                Sizes(sheet, character, some);
            }
        }

        return stream.ToArray();
    }

    private static void Pictures(SheetCanvas sheet, IReadOnlyList<Column> wearers)
    {
        foreach (var row in wearers.Chunk(MostBeside))
        {
            var width = Math.Min(110, sheet.Width / row.Length - 6);
            var height = width * PictureHeight / PictureWidth;
            sheet.Need(height + 2 * Line);
            foreach (var (one, k) in row.Select((w, k) => (w, k)))
            {
                var x = SheetCanvas.Margin + k * (width + 6);
                var (rgba, w, h) = BustPicture.Finished(one.Planned, BustView.GalleryOf(one.Planned), PictureWidth, PictureHeight);
                sheet.Picture(rgba, w, h, new(x, sheet.Y, x + width, sheet.Y + height));
                sheet.Text(Fitting(one.Name, width, SheetFonts.Bold, 9), x, sheet.Y + height + Line - 2, SheetFonts.Bold, 9);
            }

            sheet.Y += height + 1.6f * Line;
        }
    }

    private static void References(SheetCanvas sheet, IReadOnlyList<ReferencePicture> references)
    {
        foreach (var row in references.Chunk(MostBeside))
        {
            var place = Math.Min(110, sheet.Width / row.Length - 6);
            sheet.Need(place + 2 * Line);
            foreach (var (one, k) in row.Select((r, k) => (r, k)))
            {
                var x = SheetCanvas.Margin + k * (place + 6);
                using var picture = SKImage.FromEncodedData(one.Picture);
                // What came from elsewhere and cannot be drawn does not keep the crew from its sheet.
                if (picture is not null)
                {
                    var scale = place / Math.Max(picture.Width, picture.Height);
                    sheet.Picture(picture, new(x, sheet.Y, x + picture.Width * scale, sheet.Y + picture.Height * scale));
                }

                sheet.Text(Fitting(one.Name, place, SheetFonts.Text, 9), x, sheet.Y + place + Line - 2, SheetFonts.Text, 9);
            }

            sheet.Y += place + 1.6f * Line;
        }
    }

    private static void Rules(SheetCanvas sheet, Character character)
    {
        if (character.Notes.Length > 0)
        {
            sheet.Y += sheet.Paragraph(character.Notes, SheetCanvas.Margin, sheet.Y, sheet.Width, SheetFonts.Text, 10) + 6;
        }

        // Two columns: thirty rules are the usual.
        var width = (sheet.Width - 16) / 2;
        var demands = Conformity.Demands(character);
        var left = (demands.Count + 1) / 2;
        for (var row = 0; row < left; row++)
        {
            var pair = new[] { row, row + left }.Where(k => k < demands.Count).Select(k => (K: k, demands[k].Demand.Sentence)).ToArray();
            var height = pair.Max(p => SheetCanvas.ParagraphHeight(p.Sentence, width - 22, SheetFonts.Text, 9));
            sheet.Need(height + 2);
            foreach (var (k, sentence) in pair)
            {
                var x = SheetCanvas.Margin + (k < left ? 0 : width + 16);
                sheet.Text($"{k + 1}", x, sheet.Y + 9, SheetFonts.Bold, 9);
                sheet.Paragraph(sentence, x + 22, sheet.Y, width - 22, SheetFonts.Text, 9);
            }

            sheet.Y += height + 2;
        }

        sheet.Y += 6;
        foreach (var colour in character.Palette)
        {
            sheet.Need(Line + 4);
            sheet.Swatch(Srgb.From(colour.Colour).Hex, new(SheetCanvas.Margin, sheet.Y + 2, SheetCanvas.Margin + 24, sheet.Y + 13));
            sheet.Text(string.Create(CultureInfo.InvariantCulture, $"{colour.Name} · within {colour.WithinDeltaE:0.#} ΔE"), SheetCanvas.Margin + 30, sheet.Y + 11, SheetFonts.Text, 9);
            sheet.Y += Line + 1;
        }
    }

    private static void Sizes(SheetCanvas sheet, Character character, IReadOnlyList<Column> wearers)
    {
        const float first = 190;
        var each = (sheet.Width - first) / wearers.Count;
        var worn = wearers.Select(w => WornPart.Of(character, w.Look, w.Planned, w.Kit)).ToArray();
        Heading();
        for (var p = 0; p < character.Parts.Count; p++)
        {
            var labels = worn.SelectMany(w => w[p].Sizes.Select(s => (s.Label, s.Unit))).Distinct().ToArray();
            if (labels.Length == 0)
            {
                continue;
            }

            if (sheet.Y + (labels.Length + 1) * Line > sheet.Bottom)
            {
                sheet.Need(sheet.Bottom);
                Heading();
            }

            sheet.Text(Fitting(worn[0][p].Label, first, SheetFonts.Bold, 9.5f), SheetCanvas.Margin, sheet.Y + 10, SheetFonts.Bold, 9.5f);
            sheet.Y += Line;
            foreach (var (label, unit) in labels)
            {
                sheet.Text(Fitting(unit.Length == 0 ? label : $"{label}, {unit}", first - 16, SheetFonts.Text, 9), SheetCanvas.Margin + 8, sheet.Y + 10, SheetFonts.Text, 9);
                for (var k = 0; k < worn.Length; k++)
                {
                    var size = worn[k][p].Sizes.FirstOrDefault(s => s.Label == label && s.Unit == unit);
                    sheet.Text(size is null ? "–" : size.Value.ToString("0.#", CultureInfo.InvariantCulture), SheetCanvas.Margin + first + (k + 1) * each - 6, sheet.Y + 10, SheetFonts.Text, 9.5f,
                        align: SKTextAlign.Right);
                }

                sheet.Y += Line;
                sheet.Rule(SheetCanvas.Margin, sheet.Y - 0.5f, SheetCanvas.Margin + sheet.Width, sheet.Y - 0.5f, 0.3f, 200);
            }
        }

        sheet.Y += Line;

        void Heading()
        {
            sheet.Need(5 * Line);
            sheet.Y += 8;
            for (var k = 0; k < wearers.Count; k++)
            {
                sheet.Text(Fitting(wearers[k].Name, each - 8, SheetFonts.Bold, 9), SheetCanvas.Margin + first + (k + 1) * each - 6, sheet.Y + 10, SheetFonts.Bold, 9, align: SKTextAlign.Right);
            }

            sheet.Y += Line + 3;
            sheet.Rule(SheetCanvas.Margin, sheet.Y - 2, SheetCanvas.Margin + sheet.Width, sheet.Y - 2);
        }
    }

    // A long name keeps its beginning.
    private static string Fitting(string text, float width, SKTypeface face, float size)
    {
        using var font = new SKFont(face, size);
        while (text.Length > 1 && font.MeasureText(text) > width)
        {
            text = $"{text.TrimEnd('…')[..^1]}…";
        }

        return text;
    }
}

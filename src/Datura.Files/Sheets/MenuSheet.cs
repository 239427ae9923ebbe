using System.Globalization;
using Datura.Core;
using Datura.Files.Pictures;

namespace Datura.Files.Sheets;

/// <summary>The menu of a booth on one page, to be seen by those who wait: a picture of every look, its minutes and its price.</summary>
public static class MenuSheet
{
    /// <summary>What is offered.</summary>
    /// <param name="Minutes">As it usually takes.</param>
    public sealed record Offer(string Name, PlannedLook Planned, double Minutes, double? Price);

    private const int PictureWidth = 480;
    private const int PictureHeight = 540;

    // Sizes on A4; a poster's are larger as its page is wider, a card's smaller.
    private const float TitleSize = 30;
    private const float NameSize = 15;
    private const float Gap = 14;

    public static byte[] Pdf(BoothDay day, IReadOnlyList<Offer> offers, PaperSize paper)
    {
        var scale = paper.Width / PaperSize.A4.Width;
        using var stream = new MemoryStream();
        using (var sheet = new SheetCanvas(stream, paper, day.Name, $"{day.Name} · paints for skin only; say what your skin does not like", SheetCanvas.Margin * scale))
        {
            foreach (var line in SheetCanvas.Wrap(day.Name, sheet.Width, SheetFonts.Heading, TitleSize * scale))
            {
                sheet.Y += TitleSize * scale;
                sheet.Text(line, sheet.Left, sheet.Y, SheetFonts.Heading, TitleSize * scale);
            }

            sheet.Y += Gap * scale;
            var (columns, width, height) = Cells(offers.Count, sheet.Width, sheet.Bottom - sheet.Y, scale);
            foreach (var row in offers.Chunk(columns))
            {
                foreach (var (offer, k) in row.Select((o, k) => (o, k)))
                {
                    Card(sheet, offer, sheet.Left + k * (width + Gap * scale), width, height, scale);
                }

                sheet.Y += height + Gap * scale;
            }
        }

        return stream.ToArray();
    }

    /// <summary>As many columns as make the pictures largest with everything on one page.</summary>
    private static (int Columns, float Width, float Height) Cells(int count, float width, float height, float scale)
    {
        var best = (Columns: 1, Width: 0f, Height: 0f);
        for (var columns = 1; columns <= Math.Max(1, Math.Min(4, count)); columns++)
        {
            var rows = (count + columns - 1) / columns;
            var (words, gap) = (Words(scale), Gap * scale);
            var wide = Math.Min((width - (columns - 1) * gap) / columns, ((height - Math.Max(0, rows - 1) * gap) / Math.Max(1, rows) - words) * PictureWidth / PictureHeight);
            if (wide > best.Width)
            {
                best = (columns, wide, wide * PictureHeight / PictureWidth + words);
            }
        }

        return best;
    }

    private static float Words(float scale) => 2.6f * NameSize * scale;

    private static void Card(SheetCanvas sheet, Offer offer, float x, float width, float height, float scale)
    {
        var (rgba, w, h) = BustPicture.Finished(offer.Planned, BustView.GalleryOf(offer.Planned), PictureWidth, PictureHeight);
        var bottom = sheet.Y + height - Words(scale);
        sheet.Picture(rgba, w, h, new(x, sheet.Y, x + width, bottom));
        var name = SheetCanvas.Wrap(offer.Name, width, SheetFonts.Bold, NameSize * scale)[0];
        sheet.Text(name, x, bottom + 1.1f * NameSize * scale, SheetFonts.Bold, NameSize * scale);
        // Whole minutes upwards, so that nobody is promised less.
        var minutes = string.Create(CultureInfo.InvariantCulture, $"about {Math.Ceiling(offer.Minutes):0} min");
        sheet.Text(minutes, x, bottom + 2.2f * NameSize * scale, SheetFonts.Text, 0.85f * NameSize * scale);
        if (offer.Price is { } price)
        {
            sheet.Text(price == 0 ? "free" : price.ToString(price % 1 == 0 ? "0" : "0.00", CultureInfo.InvariantCulture), x + width, bottom + 2.2f * NameSize * scale, SheetFonts.Bold, NameSize * scale, align: SkiaSharp.SKTextAlign.Right);
        }
    }
}

using Datura.Core.Shapes.Transfer;

namespace Datura.Files.Templates;

/// <summary>
/// Pieces side by side on one long roll as wide as the paper allows; what is wider than the paper runs over several sheets.
/// The roll is then cut into pages that overlap, to be glued along the marks.
/// </summary>
public sealed record TemplatePages(IReadOnlyList<PlacedPiece> Pieces, double WidthMm, double HeightMm, int Across, int Down)
{
    public const double MarginMm = 12;
    public const double HeadMm = 20;
    public const double OverlapMm = 8;
    private const double GapMm = 10;
    private const double TitleMm = 9;
    private const double CaptionMmPerLetter = 1.65;

    /// <param name="sheetWidthMm">Width of the paper.</param>
    /// <param name="sheetHeightMm">Height of the paper.</param>
    public static TemplatePages Of(IReadOnlyList<TemplatePiece> pieces, double sheetWidthMm, double sheetHeightMm)
    {
        double usable = sheetWidthMm - 2 * MarginMm, tall = sheetHeightMm - 2 * MarginMm - HeadMm;
        var placed = new List<PlacedPiece>();
        double x = 0, y = 0, row = 0, widest = 0;
        var page = 0;
        foreach (var piece in pieces)
        {
            var (left, right, bottom, top) = Box(piece);
            var (width, height) = (Math.Max(right - left, Caption(piece).Length * CaptionMmPerLetter), top - bottom + TitleMm);
            if (x > 0 && x + width > usable)
            {
                (x, y, row) = (0, y + row + GapMm, 0);
            }

            // A piece that fits a page is not cut in two.
            var end = (page + 1) * (tall - OverlapMm) + OverlapMm;
            if (y + height > end && height <= tall)
            {
                page = (int)Math.Ceiling((y + height - OverlapMm) / (tall - OverlapMm)) - 1;
                // Below the strip that the page before shows too.
                var start = page * (tall - OverlapMm) + (page > 0 ? OverlapMm : 0);
                if (y < start)
                {
                    (x, y, row) = (0, start, 0);
                }
            }

            placed.Add(new(piece, x - left, y + TitleMm + top));
            x += width + GapMm;
            widest = Math.Max(widest, x - GapMm);
            row = Math.Max(row, height);
        }

        var total = y + row;
        return new(
            placed, widest, total,
            Math.Max(1, (int)Math.Ceiling((widest - OverlapMm) / (usable - OverlapMm))), Math.Max(1, (int)Math.Ceiling((total - OverlapMm) / (tall - OverlapMm))));
    }

    /// <summary>All that is printed of a piece, flat mm, y up.</summary>
    public static (double Left, double Right, double Bottom, double Top) Box(TemplatePiece piece)
    {
        var all = piece.Outlines.Concat(piece.Lines).Concat(piece.Cut).SelectMany(l => l).Concat(piece.Landmarks.Select(l => l.At)).Concat(piece.CentreLine).ToArray();
        return (all.Min(p => p.XMm) - 2, all.Max(p => p.XMm) + 2, all.Min(p => p.YMm) - 2, all.Max(p => p.YMm) + 2);
    }

    /// <summary>What is said of a piece beside it.</summary>
    public static string Caption(TemplatePiece piece) => FormattableString.Invariant(
        $"{piece.Title}{(piece.Mirrored ? ", turned over" : "")} · {piece.WidthMm:0.#} × {piece.HeightMm:0.#} mm · stretch up to {100 * piece.MostStretch:0.0} %");

    // More than a twenty-fifth shows as a gap or a fold of the card (from memory).
    private const double MostStretchOfACard = 0.04;

    /// <summary>What to do about a card that does not lie flat.</summary>
    public static Remark? Warning(TemplatePiece piece) => piece.MostStretch > MostStretchOfACard ? Remark.Of(RemarkCode.TooCurved) : null;

    internal static ChartPoint On(PlacedPiece placed, ChartPoint flat) => new(placed.XMm + flat.XMm, placed.YMm - flat.YMm);
}

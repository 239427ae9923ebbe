using System.Globalization;
using System.Xml.Linq;

namespace Datura.Files.Templates;

/// <summary>Templates at true size as one drawing for a cutter: user units are millimetres.</summary>
public static class TemplateSvg
{
    private static readonly XNamespace Svg = "http://www.w3.org/2000/svg";

    public static string Of(string title, string wearer, TemplatePages pages)
    {
        const double border = 10, head = 22;
        double width = Math.Max(pages.WidthMm, TemplatePdf.ScaleBarMm + 30) + 2 * border, height = pages.HeightMm + 2 * border + head;
        var root = new XElement(
            Svg + "svg", new XAttribute("width", Mm(width)), new XAttribute("height", Mm(height)), new XAttribute("viewBox", $"0 0 {N(width)} {N(height)}"),
            new XElement(Svg + "title", $"{title} for {wearer}, true size"),
            Text(border, border + 4, 4.5, title),
            Text(border, border + 9, 3, $"true size for {wearer}; the bar is {N(TemplatePdf.ScaleBarMm)} mm long"),
            new XElement(Svg + "path", new XAttribute("id", "scale-bar"), new XAttribute("d", $"M{N(border)} {N(border + 14)}h{N(TemplatePdf.ScaleBarMm)}"), Pen("#000", 0.5)));
        var body = new XElement(Svg + "g", new XAttribute("transform", $"translate({N(border)} {N(border + head)})"));
        foreach (var piece in pages.Pieces)
        {
            body.Add(Group(piece));
        }

        root.Add(body);
        return new XDocument(new XDeclaration("1.0", "utf-8", null), root).Declaration + Environment.NewLine + root;
    }

    private static XElement Group(PlacedPiece placed)
    {
        var (left, _, _, top) = TemplatePages.Box(placed.Piece);
        var at = TemplatePages.On(placed, new(left, top));
        var group = new XElement(Svg + "g", new XAttribute("id", placed.Piece.PartId + (placed.Piece.Mirrored ? "-turned" : "")), Text(at.XMm, at.YMm - 2.5, 3, TemplatePages.Caption(placed.Piece)));
        group.Add(placed.Piece.Outlines.Select(o => Path(placed, o, true, Pen("#000", 0.4))));
        group.Add(placed.Piece.Lines.Select(o => Path(placed, o, false, Pen("#000", 0.4))));
        group.Add(placed.Piece.Cut.Select(o => Path(placed, o, true, [.. Pen("#888", 0.25), new("stroke-dasharray", "2.4 1.6"), new("class", "cut")])));
        if (placed.Piece.Slit.Count > 1)
        {
            group.Add(Path(placed, placed.Piece.Slit, false, [.. Pen("#000", 0.3), new("stroke-dasharray", "2.4 1.6"), new("class", "cut slit")]));
        }

        if (placed.Piece.CentreLine.Count > 1)
        {
            group.Add(Path(placed, placed.Piece.CentreLine, false, [.. Pen("#5B3F8C", 0.25), new("stroke-dasharray", "5 1.2 0.8 1.2")]));
        }

        foreach (var mark in placed.Piece.Landmarks)
        {
            var p = TemplatePages.On(placed, mark.At);
            group.Add(new XElement(Svg + "path", new XAttribute("d", $"M{N(p.XMm - 1.5)} {N(p.YMm)}h3M{N(p.XMm)} {N(p.YMm - 1.5)}v3"), Pen("#000", 0.3)),
                Text(p.XMm + 1.8, p.YMm + 2.6, 2.2, mark.Words));
        }

        return group;
    }

    private static XElement Path(PlacedPiece placed, IReadOnlyList<ChartPoint> line, bool closed, XAttribute[] pen) => new(
        Svg + "path",
        new XAttribute("d", "M" + string.Join("L", line.Select(p => TemplatePages.On(placed, p)).Select(p => $"{N(p.XMm)} {N(p.YMm)}")) + (closed ? "Z" : "")), pen);

    private static XAttribute[] Pen(string colour, double width) => [new("fill", "none"), new("stroke", colour), new("stroke-width", N(width))];

    private static XElement Text(double x, double y, double size, string words) => new(
        Svg + "text", new XAttribute("x", N(x)), new XAttribute("y", N(y)), new XAttribute("font-size", N(size)), new XAttribute("font-family", "sans-serif"), words);

    private static string Mm(double mm) => N(mm) + "mm";

    private static string N(double value) => Math.Round(value, 3).ToString(CultureInfo.InvariantCulture);
}

using System.Globalization;
using System.Text;
using System.Xml;
using System.Xml.Linq;
using Datura.Core.Shapes;
using SkiaSharp;

namespace Datura.Files.Motifs;

/// <summary>
/// Reads the figures of an SVG drawing: paths, basic shapes, transforms and groups (SVG 1.1, W3C Recommendation 2011). What
/// could run, load or link is refused with the reason, not dropped.
/// </summary>
public static class SvgMotif
{
    public const int MostBytes = 400_000;

    // Flat pieces no longer than this share of the drawing's longer side.
    private const float PieceShare = 1 / 160f;
    private const int MostDepth = 40;

    private static readonly HashSet<string> Ignored = ["title", "desc", "metadata", "defs"];

    private static readonly Dictionary<string, ProblemCode> Refused = new()
    {
        ["script"] = ProblemCode.DrawingCarriesScript,
        ["foreignObject"] = ProblemCode.DrawingCarriesPage,
        ["image"] = ProblemCode.DrawingCarriesPicture,
        ["use"] = ProblemCode.DrawingRepeatsByLink,
        ["a"] = ProblemCode.DrawingCarriesLink,
        ["text"] = ProblemCode.DrawingCarriesText,
        ["style"] = ProblemCode.DrawingCarriesStyle,
        ["animate"] = ProblemCode.DrawingMoves,
        ["set"] = ProblemCode.DrawingMoves,
    };

    /// <exception cref="InputException">The drawing cannot be used; the sentence says why.</exception>
    public static Motif Read(string name, string text)
    {
        if (Encoding.UTF8.GetByteCount(text) > MostBytes)
        {
            throw Refusal(ProblemCode.DrawingTooLarge, ("most", MostBytes / 1000.0));
        }

        var root = Parse(text);
        if (root.Name.LocalName != "svg")
        {
            throw Refusal(ProblemCode.DrawingNoSvg);
        }

        var figures = new List<(SKPath Path, bool Filled, float Width)>();
        Walk(root, SKMatrix.Identity, new("black", "none", 1), figures, 0);
        try
        {
            return Shaped(name, figures);
        }
        finally
        {
            figures.ForEach(f => f.Path.Dispose());
        }
    }

    private static InputException Refusal(ProblemCode code, params (string Name, object Value)[] values) => new("motif", code, values);

    private static XElement Parse(string text)
    {
        XmlReader Reader() => XmlReader.Create(new StringReader(text), new() { DtdProcessing = DtdProcessing.Ignore, XmlResolver = null, MaxCharactersInDocument = MostBytes });
        try
        {
            // A tree is built only of what is not too deep: building and leaving a deep one takes minutes.
            using (var depth = Reader())
            {
                while (depth.Read())
                {
                    if (depth.Depth > MostDepth + 1)
                    {
                        throw Refusal(ProblemCode.DrawingTooDeep);
                    }
                }
            }

            using var reader = Reader();
            return XDocument.Load(reader).Root!;
        }
        catch (XmlException problem)
        {
            throw Refusal(ProblemCode.DrawingBroken, ("line", problem.LineNumber));
        }
    }

    private sealed record Ink(string Fill, string Stroke, float StrokeWidth);

    private static void Walk(XElement element, SKMatrix outer, Ink ink, List<(SKPath, bool, float)> figures, int depth)
    {
        var tag = element.Name.LocalName;
        if (Refused.TryGetValue(tag, out var reason))
        {
            throw Refusal(reason);
        }

        if (element.Attributes().FirstOrDefault(a => a.Name.LocalName == "href" || a.Name.LocalName.StartsWith("on", StringComparison.OrdinalIgnoreCase)
            || a.Value.Contains("url(", StringComparison.OrdinalIgnoreCase)) is { } bad)
        {
            throw Refusal(ProblemCode.DrawingLinks, ("attribute", bad.Name.LocalName), ("tag", tag));
        }

        if (Ignored.Contains(tag) || Style(element, "display") == "none")
        {
            return;
        }

        if (depth > MostDepth)
        {
            throw Refusal(ProblemCode.DrawingTooDeep);
        }

        var here = outer.PreConcat(Transform(element.Attribute("transform")?.Value));
        var own = new Ink(
            Style(element, "fill") ?? ink.Fill, Style(element, "stroke") ?? ink.Stroke,
            Style(element, "stroke-width") is { } width ? Number(width, "stroke-width") : ink.StrokeWidth);
        if (Figure(element) is { } path)
        {
            path.Transform(here);
            var scale = MathF.Sqrt(MathF.Abs(here.ScaleX * here.ScaleY - here.SkewX * here.SkewY));
            if (own.Fill != "none")
            {
                figures.Add((new(path), true, 0));
            }

            if (own.Stroke != "none" || own.Fill == "none")
            {
                figures.Add((new(path), false, own.StrokeWidth * scale));
            }

            path.Dispose();
        }

        foreach (var child in element.Elements())
        {
            Walk(child, here, own, figures, depth + 1);
        }
    }

    private static SKPath? Figure(XElement e)
    {
        float N(string name, float otherwise = 0) => e.Attribute(name) is { } a ? Number(a.Value, name) : otherwise;
        using var path = new SKPathBuilder();
        switch (e.Name.LocalName)
        {
            case "path":
                return SKPath.ParseSvgPathData(e.Attribute("d")?.Value ?? "") ?? throw Refusal(ProblemCode.DrawingPath);
            case "rect":
                path.AddRoundRect(SKRect.Create(N("x"), N("y"), N("width"), N("height")), N("rx", N("ry")), N("ry", N("rx")), SKPathDirection.Clockwise);
                break;
            case "circle":
                path.AddCircle(N("cx"), N("cy"), N("r"), SKPathDirection.Clockwise);
                break;
            case "ellipse":
                path.AddOval(new(N("cx") - N("rx"), N("cy") - N("ry"), N("cx") + N("rx"), N("cy") + N("ry")), SKPathDirection.Clockwise);
                break;
            case "line":
                path.AddPoly([new SKPoint(N("x1"), N("y1")), new SKPoint(N("x2"), N("y2"))], false);
                break;
            case "polyline" or "polygon":
                var numbers = Numbers(e.Attribute("points")?.Value ?? "");
                path.AddPoly(Enumerable.Range(0, numbers.Length / 2).Select(k => new SKPoint(numbers[2 * k], numbers[2 * k + 1])).ToArray(), e.Name.LocalName == "polygon");
                break;
            default:
                return null;
        }

        return path.Detach();
    }

    private static Motif Shaped(string name, List<(SKPath Path, bool Filled, float Width)> figures)
    {
        var box = figures.Select(f => f.Path.TightBounds).Where(b => b.Width > 0 || b.Height > 0).Aggregate((SKRect?)null, (all, b) => all is { } a ? SKRect.Union(a, b) : b)
            ?? throw Refusal(ProblemCode.DrawingEmpty);
        var side = Math.Max(box.Width, box.Height);
        if (!float.IsFinite(side) || side <= 0)
        {
            throw Refusal(ProblemCode.DrawingEndless);
        }

        var shapes = new List<MotifShape>();
        foreach (var (path, filled, width) in figures)
        {
            using var contours = new SKPathMeasure(path, false, 4f);
            do
            {
                if (contours.Length > 0)
                {
                    var pieces = Math.Clamp((int)MathF.Ceiling(contours.Length / (side * PieceShare)), filled ? 3 : 1, 2000);
                    var points = new List<double>();
                    for (var k = 0; k <= pieces - (filled ? 1 : 0); k++)
                    {
                        contours.GetPosition(contours.Length * k / pieces, out var p);
                        points.Add(Math.Round((p.X - box.MidX) / side, 5));
                        points.Add(Math.Round((box.MidY - p.Y) / side, 5));
                    }

                    shapes.Add(new(filled, filled ? 0 : Math.Round(Math.Min(1, width / side), 5), points));
                }
            }
            while (contours.NextContour());
        }

        var motif = new Motif(name, shapes);
        return MotifCheck.Of(motif, "motif") is { } problem ? throw new InputException(problem) : motif;
    }

    private static string? Style(XElement element, string property)
    {
        var inline = element.Attribute("style")?.Value.Split(';').Select(p => p.Split(':', 2)).FirstOrDefault(p => p[0].Trim() == property);
        return (inline is { Length: 2 } ? inline[1] : element.Attribute(property)?.Value)?.Trim();
    }

    private static SKMatrix Transform(string? text)
    {
        var result = SKMatrix.Identity;
        foreach (var call in (text ?? "").Split(')', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            var parts = call.TrimStart(',', ' ').Split('(', 2);
            var n = parts.Length == 2 ? Numbers(parts[1]) : [];
            float At(int k, float otherwise = 0) => k < n.Length ? n[k] : otherwise;
            result = result.PreConcat(parts[0].Trim() switch
            {
                "matrix" when n.Length == 6 => new(n[0], n[2], n[4], n[1], n[3], n[5], 0, 0, 1),
                "translate" => SKMatrix.CreateTranslation(At(0), At(1)),
                "scale" => SKMatrix.CreateScale(At(0, 1), At(1, At(0, 1))),
                "rotate" => SKMatrix.CreateRotationDegrees(At(0), At(1), At(2)),
                "skewX" => SKMatrix.CreateSkew(MathF.Tan(At(0) * MathF.PI / 180), 0),
                "skewY" => SKMatrix.CreateSkew(0, MathF.Tan(At(0) * MathF.PI / 180)),
                _ => throw Refusal(ProblemCode.DrawingTransform, ("call", call)),
            });
        }

        return result;
    }

    private static float[] Numbers(string text) =>
        [.. text.Split([' ', ',', '\t', '\r', '\n'], StringSplitOptions.RemoveEmptyEntries).Select(n => Number(n, "number"))];

    private static float Number(string text, string name)
    {
        var digits = text.Trim();
        foreach (var unit in new[] { "px", "mm", "pt" })
        {
            digits = digits.EndsWith(unit, StringComparison.Ordinal) ? digits[..^2] : digits;
        }

        return float.TryParse(digits, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && float.IsFinite(value)
            ? value : throw Refusal(ProblemCode.DrawingNumber, ("what", name), ("text", text.Length > 20 ? text[..20] : text));
    }
}

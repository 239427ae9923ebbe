using System.Globalization;
using System.Xml.Linq;
using Datura.Core.Shapes;
using Datura.Core.Shapes.Transfer;
using Datura.Files.Sheets;
using Datura.Files.Templates;
using UglyToad.PdfPig;

namespace Datura.Files.Tests;

public class TemplateTests
{
    private const double MmPerPoint = 25.4 / 72;

    // A part of up to 60 mm lies flat with no more than 2 % of stretch; what bends both ways, as on the nose, gets a slit.
    [Theory]
    [InlineData("drowned-lamp-keeper")]
    [InlineData("barnacle-saint")]
    [InlineData("quay-seal")]
    [InlineData("kelp-bride")]
    [InlineData("wreck-diver")]
    public void SmallPartsLieFlat(string look)
    {
        foreach (var piece in Pieces(look).Where(p => Math.Max(p.WidthMm, p.HeightMm) <= 60))
        {
            // Over the tip of the nose the skin bends both ways more than one slit takes up.
            Assert.True(piece.MostStretch <= (piece.Title.StartsWith("Nose", StringComparison.Ordinal) ? 0.025 : TemplatePiece.MostStretchWhole),
                $"{piece.Title} {piece.WidthMm:0} × {piece.HeightMm:0} mm stretches {piece.MostStretch:0.0000}");
        }
    }

    // A flat card keeps the lengths of the skin: the tape from end to end against the ruler on the card.
    [Fact]
    public void LengthsOnTheCardAreThoseOnTheSkin()
    {
        var part = DemoWorld.Part("cheekHollow") with { Sides = Sides.Left };
        var marks = DemoWorld.Expand(part);
        var outline = marks.Marks.OfType<RegionMark>().First().Outline.Coordinates;
        var piece = TemplatePiece.Of(PartKinds.Find("cheekHollow")!, part, marks, DemoWorld.Body, 5)!;
        var flat = piece.Outlines[0];
        foreach (var (a, b) in new[] { (0, outline.Length / 2), (outline.Length / 4, 3 * outline.Length / 4), (3, outline.Length / 3) })
        {
            var tape = DemoWorld.Body.TapeMm(new(outline[a].X, outline[a].Y), new(outline[b].X, outline[b].Y));
            Assert.Equal(tape, (flat[a] - flat[b]).Length(), 0.025 * tape);
        }
    }

    [Fact]
    public void AreaOnTheCardIsThatOnTheSkin()
    {
        var part = DemoWorld.Part("socket") with { Sides = Sides.Left };
        var marks = DemoWorld.Expand(part);
        var piece = TemplatePiece.Of(PartKinds.Find("socket")!, part, marks, DemoWorld.Body, 5)!;
        var onSkin = DemoWorld.Body.Chart.AreaMm2(marks.Marks.OfType<RegionMark>().First().Outline);
        // The card follows the faired skin; the orbit's own relief beneath it adds some 7 %.
        Assert.Equal(onSkin, Curves.Polygon(piece.Outlines[0]).Area, 0.08 * onSkin);
    }

    [Fact]
    public void ATurnedCardIsAMirrorImageAndTurningTwiceIsNoChange()
    {
        var piece = Pieces("drowned-lamp-keeper").First(p => p.Sided);
        var turned = piece.Turned();
        Assert.Equal(piece.Outlines[0].Select(p => p.Mirrored()), turned.Outlines[0]);
        Assert.Equal(piece.Outlines[0], turned.Turned().Outlines[0]);
        Assert.All(turned.Landmarks, l => Assert.DoesNotContain("left", l.Words));
    }

    [Fact]
    public void TheCutKeepsItsAllowance()
    {
        var part = DemoWorld.Part("noseCavity");
        TemplatePiece Piece(double allowance) => TemplatePiece.Of(PartKinds.Find("noseCavity")!, part, DemoWorld.Expand(part), DemoWorld.Body, allowance)!;
        double Area(TemplatePiece piece) => Curves.Polygon(piece.Cut[0]).Area;
        Assert.True(Area(Piece(10)) > Area(Piece(3)));
        var card = Curves.Polygon(Piece(8).Cut[0]);
        Assert.All(Piece(8).Outlines[0], p => Assert.True(card.Contains(new NetTopologySuite.Geometries.Point(p.XMm, p.YMm))));
    }

    // Read back by another library: the bar that says 100 mm is 100 mm long, on both papers.
    [Theory]
    [InlineData("A4")]
    [InlineData("Letter")]
    public void ThePrintedScaleIsTrue(string name)
    {
        var paper = PaperSize.Find(name)!;
        var pages = TemplatePages.Of([.. Pieces("drowned-lamp-keeper")], paper.Width * MmPerPoint, paper.Height * MmPerPoint);
        using var pdf = PdfDocument.Open(TemplatePdf.Of("Test", "nobody", pages, paper));
        Assert.Equal(pages.Across * pages.Down, pdf.NumberOfPages);
        foreach (var page in pdf.GetPages())
        {
            Assert.Equal(paper.Width, page.Width, 0.5);
            var lines = page.Paths.Select(p => p.GetBoundingRectangle()).Where(b => b is not null).Select(b => b!.Value);
            Assert.Contains(lines, b => Math.Abs(b.Width * MmPerPoint - 100) < 0.7 && b.Height * MmPerPoint < 1);
            Assert.Contains("100 mm", page.Text);
        }
    }

    [Fact]
    public void EveryPieceIsPrintedWholeWithinTheRoll()
    {
        var pages = TemplatePages.Of([.. Pieces("wreck-diver")], 210, 297);
        const double usable = 297 - 2 * TemplatePages.MarginMm - TemplatePages.HeadMm;
        foreach (var placed in pages.Pieces)
        {
            var (left, right, bottom, top) = TemplatePages.Box(placed.Piece);
            Assert.True(placed.XMm + left >= -1e-6 && placed.YMm - top >= 0);
            Assert.True(placed.YMm - bottom <= pages.HeightMm + 1e-6);
            // What fits a page is not cut in two.
            if (top - bottom < usable - 30 && right - left < 180)
            {
                var step = usable - TemplatePages.OverlapMm;
                Assert.Contains(Enumerable.Range(0, pages.Down), k => placed.YMm - top >= k * step - 1e-6 && placed.YMm - bottom <= k * step + usable + 1e-6);
            }
        }
    }

    [Fact]
    public void TheDrawingForACutterIsInMillimetres()
    {
        var pieces = Pieces("quay-seal").Take(2).ToArray();
        var svg = XDocument.Parse(TemplateSvg.Of("Test & trial", "nobody", TemplatePages.Of(pieces, 210, 297))).Root!;
        double Number(string name) => double.Parse(svg.Attribute(name)!.Value.Replace("mm", ""), CultureInfo.InvariantCulture);
        var box = svg.Attribute("viewBox")!.Value.Split(' ').Select(v => double.Parse(v, CultureInfo.InvariantCulture)).ToArray();
        Assert.Equal(box[2], Number("width"), 1e-6);
        Assert.Equal(box[3], Number("height"), 1e-6);
        var bar = svg.Elements().Single(e => (string?)e.Attribute("id") == "scale-bar");
        Assert.EndsWith("h100", bar.Attribute("d")!.Value);
        Assert.Equal(2, svg.Descendants().Count(e => e.Name.LocalName == "g" && e.Attribute("id") is not null));
    }

    private static IEnumerable<TemplatePiece> Pieces(string look) => DemoWorld.Look(look).Parts
        .Select(p => TemplatePiece.Of(PartKinds.Find(p.Kind)!, p, DemoWorld.Expand(p), DemoWorld.Body, 6)).OfType<TemplatePiece>();
}

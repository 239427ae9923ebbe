using Datura.Files.Motifs;

namespace Datura.Files.Tests;

public class MotifTests
{
    [Theory]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>", "script")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><rect width='4' height='4' onclick='x()'/></svg>", "onclick")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg' xmlns:x='http://www.w3.org/1999/xlink'><use x:href='#a'/></svg>", "link")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><rect width='4' height='4' fill='url(#g)'/></svg>", "links")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><image href='x.png'/></svg>", "picture")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><rect width='4'", "broken at line")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'/>", "no figure")]
    [InlineData("<html/>", "no SVG")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><rect width='x' height='4'/></svg>", "no number")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'><circle r='4' transform='spin(3)'/></svg>", "transform")]
    public void WhatCannotBePaintedIsRefusedWithTheReason(string svg, string word) =>
        Assert.Contains(word, Assert.Throws<InputException>(() => SvgMotif.Read("x", svg)).Message);

    [Fact]
    public void AHugeDrawingIsRefused() => Assert.Contains("kB", Assert.Throws<InputException>(
        () => SvgMotif.Read("x", "<svg>" + new string(' ', SvgMotif.MostBytes) + "</svg>")).Message);

    // Three hundred kilobytes of nothing but groups in groups.
    [Fact]
    public void ADrawingThatIsTooDeepIsRefused() => Assert.Contains("Ungroup", Assert.Throws<InputException>(
        () => SvgMotif.Read("x", "<svg>" + string.Concat(Enumerable.Repeat("<g>", 55_000)) + string.Concat(Enumerable.Repeat("</g>", 55_000)) + "</svg>")).Message);

    // A filled scribble would be cut into millions of pieces.
    [Fact]
    public void AScribbleThatCrossesItselfThousandsOfTimesIsRefused()
    {
        var random = new Random(2);
        string Scribble(int points) => $"<svg xmlns='http://www.w3.org/2000/svg'><polygon points='{string.Join(' ', Enumerable.Range(0, points).Select(_ => $"{random.Next(1000)},{random.Next(1000)}"))}'/></svg>";
        Assert.Contains("crosses itself", Assert.Throws<InputException>(() => SvgMotif.Read("x", Scribble(2000))).Message);
        Assert.NotEmpty(SvgMotif.Read("x", Scribble(60)).Shapes);
    }

    [Fact]
    public void AnEntityBombIsNotExpanded() => Assert.Throws<InputException>(() => SvgMotif.Read(
        "x", "<!DOCTYPE svg [<!ENTITY a 'aaaa'><!ENTITY b '&a;&a;'>]><svg xmlns='http://www.w3.org/2000/svg'><title>&b;</title></svg>"));

    [Fact]
    public void TheSameSquareByPathShapeAndTransform()
    {
        string[] drawings =
        [
            "<rect x='10' y='10' width='20' height='20'/>",
            "<path d='M10 10h20v20h-20z'/>",
            "<polygon points='10,10 30,10 30,30 10,30'/>",
            "<g transform='translate(10 10) scale(2)'><rect width='10' height='10'/></g>",
            "<g transform='rotate(90)'><rect x='10' y='-30' width='20' height='20'/></g>",
            "<rect x='10' y='10' width='20' height='20' transform='matrix(1 0 0 1 0 0)'/>",
        ];
        foreach (var shape in drawings.Select(d => Assert.Single(Read(d).Shapes)))
        {
            var x = shape.Points.Where((_, k) => k % 2 == 0).ToArray();
            var y = shape.Points.Where((_, k) => k % 2 == 1).ToArray();
            Assert.Equal((-0.5, 0.5, -0.5, 0.5), (x.Min(), x.Max(), y.Min(), y.Max()));
        }
    }

    [Fact]
    public void LinesAndFillsAreToldApart()
    {
        var motif = Read("<circle r='10'/><path d='M0 0L10 0' fill='none' stroke='black' stroke-width='2'/>");
        Assert.Equal([true, false], motif.Shapes.Select(s => s.Filled));
        Assert.Equal(0.1, motif.Shapes[1].Width, 1e-6);
    }

    // A card laid on the skin keeps every length from its middle, wherever and however it is turned.
    [Theory]
    [InlineData("cheekbone", 0)]
    [InlineData("forehead", 40)]
    [InlineData("breastbone", -75)]
    public void LengthsFromTheMiddleStayTrue(string at, double turn)
    {
        var cross = new Motif("Cross", [new(false, 0.01, [0, 0, 0.5, 0]), new(false, 0.01, [0, 0, 0, 0.5]), new(false, 0.01, [0, 0, -0.35, -0.35])]);
        var part = DemoWorld.Part("motif", ("size", 60), ("turn", turn)) with { Sides = Sides.Left, Motif = cross, Words = new Dictionary<string, string> { ["at"] = at } };
        var body = DemoWorld.Body;
        foreach (var stroke in DemoWorld.Expand(part).Marks.OfType<StrokeMark>())
        {
            var length = body.Faired.Position(body.Chart.ToSkin(stroke.Path[0])).DistanceTo(body.Faired.Position(body.Chart.ToSkin(stroke.Path[^1])));
            Assert.InRange(length, 27, 30.2);
        }
    }

    [Fact]
    public void ADoubledSizeIsTwiceAsLong()
    {
        double Line(double size) => DemoWorld.Expand(DemoWorld.Part("motif", ("size", size)) with
        {
            Sides = Sides.Left,
            Motif = new("Bar", [new(false, 0.01, [-0.5, 0, -0.25, 0, 0, 0, 0.25, 0, 0.5, 0])])
        })
            .Sizes.First(s => s.Label == "Line length").Value;
        Assert.Equal(2, Line(40) / Line(20), 0.06);
    }

    private static Motif Read(string shapes) => SvgMotif.Read("Test", $"<svg xmlns='http://www.w3.org/2000/svg'>{shapes}</svg>");
}

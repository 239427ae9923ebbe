using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Tests.Paint;

/// <summary>A new part's paints go with what is there (common practice).</summary>
public class SuggestedPaintTests
{
    private static readonly Lab Skin = new(66, 10, 16);

    private static PaintDescription Paint(Part part, string role) => DemoWorld.Kit.Paints.Single(p => p.Id == part.Paints[role].Shares[0].Paint);

    private static Lab Seen(PaintDescription paint) => new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour;

    private static Part New(string kind, string? over, params string[] beside) =>
        NewPart.Of(PartKinds.Find(kind)!, PartKinds.Find(kind)!.HangsOn[0], DemoWorld.Kit, LookColours.Of(DemoWorld.Kit, Skin, over, beside));

    // On white a socket is black or grey, not a blue that happens to be as dark.
    [Theory]
    [InlineData("chalk-white")]
    [InlineData("bone")]
    [InlineData(null)]
    public void ASocketIsDarkAndWithoutAHue(string? over) => Assert.InRange(Seen(Paint(New("socket", over), "dark")).Chroma(), 0, 8);

    // One hue family for base and shade.
    [Theory]
    [InlineData("kelp-green")]
    [InlineData("rust")]
    [InlineData("mussel-blue")]
    public void AShadeStaysInTheFamilyOfItsGround(string over)
    {
        var ground = Seen(DemoWorld.Kit.Paints.Single(p => p.Id == over));
        foreach (var kind in new[] { "cheekHollow", "templeHollow", "jawEdge", "browShadow" })
        {
            var shade = Seen(Paint(New(kind, over), "shade"));
            var turned = Math.Abs(Math.IEEERemainder(Math.Atan2(shade.B, shade.A) - Math.Atan2(ground.B, ground.A), 2 * Math.PI));
            Assert.True(shade.Chroma() <= 8 || turned < Math.PI / 3, $"{kind} on {over}");
        }
    }

    // Found from near: a step of 15 in L* off its ground, on every base of the kit.
    [Fact]
    public void WhatIsDrawnStandsOffItsGround()
    {
        foreach (var over in DemoWorld.Kit.Paints.Where(p => p.Material == Material.WaterCake))
        {
            foreach (var kind in new[] { "socket", "veins", "teardrops", "swirls", "spots" })
            {
                var part = New(kind, over.Id);
                var main = PartKinds.Find(kind)!.Roles.First(r => part.Paints.ContainsKey(r.Id));
                var lightness = Seen(Paint(part, main.Id)).L;
                // On the darkest but one there is only the darkest.
                Assert.True(Math.Abs(lightness - Seen(over).L) >= 12 || lightness == DemoWorld.Kit.Paints.Min(p => Seen(p).L), $"{kind} on {over.Id}");
            }
        }
    }

    // A colour that is there already comes back instead of a third one.
    [Fact]
    public void AnAccentComesBack()
    {
        Assert.Equal("rust", Paint(New("flower", "chalk-white", "rust", "tarn-black"), "petal").Id);
        Assert.Equal("verdigris", Paint(New("flower", "chalk-white", "verdigris"), "petal").Id);
    }

    // Whatever names come over the wire.
    [Fact]
    public void APaintThatIsNotThereIsPassedOver()
    {
        var colours = LookColours.Of(DemoWorld.Kit, Skin, "no-such", ["", "gone", "rust", "rust"]);
        Assert.Equal(Skin, colours.Ground);
        Assert.Single(colours.Used);
    }
}

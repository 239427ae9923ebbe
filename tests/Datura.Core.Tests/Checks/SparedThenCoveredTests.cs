namespace Datura.Core.Tests.Checks;

/// <summary>A shape that the base spares stays to be seen, or the painter is told (common practice).</summary>
public class SparedThenCoveredTests
{
    private static readonly string Hollow = DemoWorld.Part("eyePatch").Paints.Keys.First();

    private static Part Painted(string kind, string role, string paint, bool reserved = false, int coats = 1) => DemoWorld.Part(kind) with
    {
        Reserved = reserved,
        Paints = new Dictionary<string, PaintMix> { [role] = new([new(paint, 1)]) },
        Coats = new Dictionary<string, int> { [role] = coats },
    };

    private static CautionNote[] Told(Look look) =>
        [.. Planner.Plan(look, DemoWorld.Faces[0], DemoWorld.Body, DemoWorld.Kit, DemoWorld.Parade).Plan.Cautions.Where(c => c.Code == CautionCode.SparedThenCovered)];

    // A light dot row in a spared patch, and a black patch over all of it, or under it.
    [Fact]
    public void WhatHidesASparedShapeIsTold()
    {
        var spared = Painted("eyePatch", Hollow, "bone", reserved: true);
        var black = Painted("eyePatch", Hollow, "tarn-black", coats: 3);
        var look = DemoWorld.LookOf(spared, black);
        Look Laid(int upper) => look with { Order = new(Over: [new($"eyePatch-{upper}/{Hollow}", $"eyePatch-{1 - upper}/{Hollow}")]) };
        var told = Assert.Single(Told(Laid(1)));
        Assert.Equal("eyePatch-0", Assert.Single(told.Parts).Id);
        Assert.InRange(told.Numbers["share"], 90, 100);
        Assert.Empty(Told(Laid(0)));
        // A patch that the base does not spare is covered without a word.
        Assert.Empty(Told(Laid(1) with { Parts = [.. Laid(1).Parts.Select(p => p with { Reserved = false })] }));
    }

    // The base around it hides nothing: it is left bare there.
    [Fact]
    public void TheBaseIsNoCover() =>
        Assert.Empty(Told(DemoWorld.LookOf(Painted("skinBase", "ground", "tarn-black", coats: 3), Painted("eyePatch", Hollow, "bone", reserved: true))));

    // Whatever is planned: it is only said of spared parts, of more than half of them, and with what hides them.
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    public void ItIsSaidOfSparedPartsAlone(int seed)
    {
        var look = RandomLooks.Look(seed, DemoWorld.Kit) with { Order = null };
        var spared = look.Parts.Where(p => p.Reserved).Select(p => p.Id).ToHashSet();
        Assert.All(Told(look), c =>
        {
            Assert.All(c.Parts, p => Assert.Contains(p.Id, spared));
            Assert.InRange(c.Numbers["share"], 50, 100);
            Assert.NotEmpty(c.Names["over"]);
        });
    }
}

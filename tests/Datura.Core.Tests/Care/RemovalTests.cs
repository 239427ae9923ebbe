using Datura.Core.After;

namespace Datura.Core.Tests.Care;

/// <summary>How paint comes off: stones and flakes first, every paint once, larger ones longer.</summary>
public class RemovalTests
{
    private static readonly RemovalKind[] OfMaterial = [RemovalKind.Gems, RemovalKind.Flakes, RemovalKind.Cream, RemovalKind.Water];

    [Theory]
    [InlineData("drowned-lamp-keeper")]
    [InlineData("kelp-bride")]
    [InlineData("storm-cormorant")]
    [InlineData("salt-widow")]
    public void EveryPaintComesOffOnceAndInOrder(string look)
    {
        var planned = DemoWorld.Plan(look);
        var card = RemovalCard.Of(planned, DemoWorld.Kit, []);
        Assert.Equal(card.Steps.OrderBy(s => s.Kind).Select(s => s.Kind), card.Steps.Select(s => s.Kind));
        Assert.Equal(RemovalKind.Hands, card.Steps[0].Kind);
        Assert.Equal(RemovalKind.Care, card.Steps[^1].Kind);
        var used = planned.Jobs.Where(j => !j.Hand.TakesNoPaint).SelectMany(j => j.Mix.Shares).Select(s => DemoWorld.Kit.Paints.Single(p => p.Id == s.Paint).Name).Distinct();
        Assert.Equal(used.Order(StringComparer.Ordinal), card.Steps.Where(s => OfMaterial.Contains(s.Kind)).SelectMany(s => s.Paints).Order(StringComparer.Ordinal));
        Assert.Equal(card.Steps.Sum(s => s.Minutes), card.Minutes, 9);
        Assert.All(card.Steps, s => Assert.True(s.Minutes > 0 && s.How.EndsWith('.')));
    }

    [Fact]
    public void MoreSkinTakesLongerAndABeardTakesItsTime()
    {
        double Minutes(params Part[] parts) => RemovalCard.Of(DemoWorld.PlanOf(parts), DemoWorld.Kit, []).Steps.Single(s => s.Kind == RemovalKind.Water).Minutes;
        Assert.True(Minutes(DemoWorld.Part("socket"), DemoWorld.Part("skinBase")) > Minutes(DemoWorld.Part("socket")));
        var socket = DemoWorld.PlanOf(DemoWorld.Part("socket"));
        Assert.Contains(RemovalCard.Of(socket, DemoWorld.Kit, [WearerCaution.Beard]).Steps, s => s.Kind == RemovalKind.Hair);
        Assert.DoesNotContain(RemovalCard.Of(socket, DemoWorld.Kit, []).Steps, s => s.Kind == RemovalKind.Hair);
        Assert.Contains(RemovalCard.Of(socket, DemoWorld.Kit, []).Steps, s => s.Kind == RemovalKind.Lids);
        Assert.Empty(RemovalCard.Of(DemoWorld.PlanOf(), DemoWorld.Kit, []).Steps);
    }

    [Fact]
    public void TheBookNotesWhatTouchedTheSkinWithItsLot()
    {
        var planned = DemoWorld.Plan("kelp-bride");
        var painting = PaintingCheck.Of(planned, "kelp-bride", "odalys", DemoWorld.Kit, new(2026, 11, 7), []);
        PaintingCheck.Check(painting);
        Assert.Equal(painting.Paints.Count, painting.Paints.DistinctBy(p => p.Paint).Count());
        Assert.All(painting.Paints, p => Assert.Equal(DemoWorld.Kit.Paints.Single(k => k.Id == p.Paint).Pot?.Lot ?? "", p.Lot));
        Assert.Contains(painting.Paints, p => p.Lot.Length > 0);
        Assert.DoesNotContain("Odalys", painting.Name, StringComparison.Ordinal);
        string Said(Painting bad) => Assert.Throws<InputException>(() => PaintingCheck.Check(bad)).Message;
        Assert.Contains("on the day of painting or after", Said(painting with { Reaction = new(new(2026, 11, 6), "", "", "") }), StringComparison.Ordinal);
        Assert.Contains("has a name", Said(painting with { Name = " " }), StringComparison.Ordinal);
        Assert.Contains("each with its name", Said(painting with { Paints = [new("", "", "")] }), StringComparison.Ordinal);
    }
}

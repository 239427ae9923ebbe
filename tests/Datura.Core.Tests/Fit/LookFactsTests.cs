using Datura.Core.Fit;

namespace Datura.Core.Tests.Fit;

/// <summary>What a look is found by.</summary>
public class LookFactsTests
{
    [Theory]
    [InlineData(Extent.Eyes, Zone.Lid, Zone.Orbit)]
    [InlineData(Extent.Face, Zone.Lid, Zone.Forehead)]
    [InlineData(Extent.FaceAndNeck, Zone.Forehead, Zone.NeckFront)]
    [InlineData(Extent.ToChest, Zone.Lid, Zone.Sternum)]
    [InlineData(Extent.Face)]
    public void HowFarPaintReaches(Extent expected, params Zone[] zones) => Assert.Equal(expected, LookFacts.ReachOf(zones.ToHashSet()));

    // More painted never reaches less far.
    [Fact]
    public void MoreZonesReachAsFarOrFarther()
    {
        var random = new Random(3);
        for (var k = 0; k < 200; k++)
        {
            var zones = Enum.GetValues<Zone>().Where(_ => random.Next(5) == 0).ToHashSet();
            var more = zones.Append((Zone)random.Next(Enum.GetValues<Zone>().Length)).ToHashSet();
            Assert.True(zones.Count == 0 || LookFacts.ReachOf(more) >= LookFacts.ReachOf(zones));
        }
    }

    [Fact]
    public void FactsAreThePlans()
    {
        var planned = DemoWorld.Plan("salt-widow");
        var facts = LookFacts.Of(planned);
        Assert.Equal(planned.Plan.TotalSeconds / 60, facts.LikelyMinutes, 0.1);
        Assert.Equal(Extent.ToChest, facts.Reaches);
        Assert.Equal(planned.Plan.Steps.Count, facts.Steps);
        Assert.True(facts.SureMinutes >= facts.LikelyMinutes);
    }
}

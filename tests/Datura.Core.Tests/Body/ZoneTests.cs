using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

public class ZoneTests
{
    [Theory]
    [InlineData("pronasale", "nose")]
    [InlineData("glabella", "forehead")]
    [InlineData("palpebrale_superius_left", "lid")]
    [InlineData("mouth_line", "lips")]
    [InlineData("cheekbone_right", "cheekbone")]
    [InlineData("tragion_left", "ear")]
    [InlineData("suprasternale", "collar")]
    [InlineData("thyroid_notch", "neck front")]
    [InlineData("midsternale", "sternum")]
    [InlineData("submentale", "under-jaw")]
    public void ALandmarkLiesInItsZoneOnEveryFace(string landmark, string zone) =>
        Assert.All(DemoWorld.Bodies.Values, body => Assert.Equal(zone, body.ZoneAt(body.Landmark(landmark))));

    [Fact]
    public void ZonesDoNotOverlap()
    {
        var zones = DemoWorld.Body.ZoneOutlines;
        foreach (var (a, b) in from a in Zones.Names from b in Zones.Names where string.CompareOrdinal(a, b) < 0 select (a, b))
        {
            Assert.True(zones[a].Intersection(zones[b]).Area < 1, $"{a} and {b} overlap");
        }
    }

    // A fingertip unit covers about two palms, face with neck about 2.5 units; a palm is near 0.5 % of 1.6 to 2.0 m²
    // (Long and Finlay 1991; from memory): a face with neck front is of the order of 400 to 800 cm².
    [Fact]
    public void AFaceWithNeckHasAPlausibleArea()
    {
        string[] zones = [.. Zones.Face, "lid", "under-jaw", "neck front", "neck side"];
        var cm2 = zones.Sum(z => DemoWorld.Body.Chart.AreaMm2(DemoWorld.Body.ZoneOutlines[z])) / 100;
        Assert.InRange(cm2, 400, 800);
    }
}

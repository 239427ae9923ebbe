using Datura.Core.Body;

namespace Datura.Core.Tests.Body;

public class ZoneTests
{
    // The program's names are those of the table, in its order: the first zone of the table takes the ground.
    [Fact]
    public void EveryZoneHasItsRowInTheTable()
    {
        Assert.Equal(CsvData.Rows("zones.csv").Select(r => r[0]), Zones.All.Select(z => z.Name()));
        Assert.All(Zones.All, z => Assert.Equal(z.ToString(), string.Concat(z.Name().Split(' ', '-').Select(w => char.ToUpperInvariant(w[0]) + w[1..]))));
        Assert.All(Zones.All, z => Assert.Equal(z, Zones.Find(z.Name())));
        Assert.Null(Zones.Find("elbow"));
    }

    [Fact]
    public void EveryNamedLandmarkLiesOnTheBodyAndEveryOneOfTheBodyIsNamed()
    {
        var named = typeof(Landmark).GetFields().Select(f => (Landmark)f.GetValue(null)!).ToArray();
        var known = Landmarks.Reference.Keys.Select(l => new Landmark(l.Id.Replace("_left", "", StringComparison.Ordinal).Replace("_right", "", StringComparison.Ordinal))).Distinct();
        Assert.Equal(known.OrderBy(l => l.Id, StringComparer.Ordinal), named.OrderBy(l => l.Id, StringComparer.Ordinal));
        Assert.All(named, l => Assert.Null(Record.Exception(() => DemoWorld.Body.At(l))));
        Assert.Throws<ArgumentException>(() => DemoWorld.Body.At(new("elbow")));
    }

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
        Assert.All(DemoWorld.Bodies.Values, body => Assert.Equal(zone, body.ZoneAt(body.At(new(landmark))).Name()));

    [Fact]
    public void ZonesDoNotOverlap()
    {
        var zones = DemoWorld.Body.ZoneOutlines;
        foreach (var (a, b) in from a in Zones.All from b in Zones.All where a < b select (a, b))
        {
            Assert.True(zones[a].Intersection(zones[b]).Area < 1, $"{a} and {b} overlap");
        }
    }

    // A fingertip unit covers about two palms, face with neck about 2.5 units; a palm is near 0.5 % of 1.6 to 2.0 m²
    // (Long and Finlay 1991; from memory): a face with neck front is of the order of 400 to 800 cm².
    [Fact]
    public void AFaceWithNeckHasAPlausibleArea()
    {
        Zone[] zones = [.. Zones.Face, Zone.Lid, Zone.UnderJaw, Zone.NeckFront, Zone.NeckSide];
        var cm2 = zones.Sum(z => DemoWorld.Body.Chart.AreaMm2(DemoWorld.Body.ZoneOutlines[z])) / 100;
        Assert.InRange(cm2, 400, 800);
    }
}

namespace Datura.Core.Tests;

/// <summary>Nonsense in a look is named by its field before anything is computed.</summary>
public class CheckTests
{
    private static readonly Part Good = DemoWorld.Part("toothRow");

    public static TheoryData<string, Part> Bad => new()
    {
        { "parts[0].kind", Good with { Kind = "" } },
        { "parts[0].unevenness", Good with { Unevenness = double.NaN } },
        { "parts[0].unevenness", Good with { Unevenness = -0.1 } },
        { "parts[0].numbers.tooth", Good with { Numbers = Number("tooth", 1e12) } },
        { "parts[0].numbers.tooth", Good with { Numbers = Number("tooth", double.NegativeInfinity) } },
        { "parts[0].numbers.trumpet", Good with { Numbers = Number("trumpet", 3) } },
        { "parts[0].words.rows", Good with { Words = new Dictionary<string, string> { ["rows"] = "sideways" } } },
        { "parts[0].zones", Good with { Zones = new Dictionary<string, IReadOnlyList<string>> { ["zones"] = ["elbow"] } } },
        { "parts[0].paints.gold", Good with { Paints = new Dictionary<string, PaintMix> { ["gold"] = new([new("bone", 1)]) } } },
        { "parts[0].paints.tooth", Good with { Paints = new Dictionary<string, PaintMix> { ["tooth"] = new([]) } } },
        { "parts[0].paints.tooth", Good with { Paints = new Dictionary<string, PaintMix> { ["tooth"] = new([new("bone", 0)]) } } },
        { "parts[0].coats.tooth", Good with { Coats = new Dictionary<string, int> { ["tooth"] = 90 } } },
    };

    [Theory]
    [MemberData(nameof(Bad), DisableDiscoveryEnumeration = true)]
    public void ItIsNamedWithASentence(string field, Part part)
    {
        var problem = Assert.Single(PlanCheck.OfLook(new("Look", "", Mapping.Freehand, [part])));
        Assert.Equal(field, problem.Field);
        Assert.EndsWith(".", problem.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void AGoodLookHasNoProblems() => Assert.Empty(PlanCheck.OfLook(new("Look", "", Mapping.Freehand, [Good])));

    [Fact]
    public void TwoPartsOfOneNameAreNamed() =>
        Assert.Contains(PlanCheck.OfLook(new("Look", "", Mapping.Freehand, [Good, Good])), p => p.Field == "parts[1].id");

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    public void ALookNeedsAName(string name) => Assert.Contains(PlanCheck.OfLook(new(name, "", Mapping.Freehand, [])), p => p.Field == "name");

    [Fact]
    public void AThousandPartsAreTooMany() => Assert.Contains(
        PlanCheck.OfLook(new("Look", "", Mapping.Freehand, [.. Enumerable.Range(0, 1000).Select(k => Good with { Id = $"p{k}" })])),
        p => p.Field == "parts");

    [Theory]
    [InlineData(0.0, 2, 40, "slotMinutes")]
    [InlineData(10, 0, 40, "viewingDistanceM")]
    [InlineData(10, 10_000, 40, "viewingDistanceM")]
    [InlineData(10, 2, 900, "necklineMm")]
    public void ASettingOutOfReasonIsNamed(double minutes, double metres, double neckline, string field) => Assert.Equal(
        field, Assert.Single(PlanCheck.OfSetting(new("s", "S", minutes, metres, "daylight", neckline))).Field);

    private static Dictionary<string, double> Number(string id, double value) => new() { [id] = value };
}

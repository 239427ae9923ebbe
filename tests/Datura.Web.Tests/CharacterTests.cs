using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>Characters through the service: drawn from a look, judged, mended, printed; who is gone is told and nobody else lost.</summary>
public sealed class CharacterTests(Service service) : IClassFixture<Service>
{
    private async Task<JsonNode> Post(string address, object body)
    {
        var answer = await service.Client.PostAsJsonAsync(address, body);
        var text = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.IsSuccessStatusCode, text);
        return JsonNode.Parse(text)!;
    }

    private async Task<JsonNode> Demo() => JsonNode.Parse(await service.Client.GetStringAsync("/api/characters/barnacle-saints"))!["character"]!;

    private Task<JsonNode> Judged(JsonNode character) => Post("/api/characters/conformity", new { character, settingId = "night-parade" });

    private static int Off(JsonNode judged, int wearer) => (int)judged["wearers"]![wearer]!["off"]!;

    [Fact]
    public async Task OfTheDemosFourSaintsAllConformButOne()
    {
        var judged = await Judged(await Demo());
        Assert.Equal(4, judged["wearers"]!.AsArray().Count);
        Assert.Single(judged["wearers"]!.AsArray(), w => (int)w!["off"]! > 0);
        Assert.All(judged["wearers"]!.AsArray(), w => Assert.Equal(judged["rules"]!.AsArray().Count, w!["findings"]!.AsArray().Count));
        // What is off is shown where it is.
        var off = judged["wearers"]!.AsArray().SelectMany(w => w!["findings"]!.AsArray()).Where(f => (string?)f!["state"] == "off").ToArray();
        Assert.All(off, f => Assert.InRange((double)f!["x"]!, 0, 1));
    }

    [Fact]
    public async Task TheOneThatIsOffIsMendedByASmallChange()
    {
        var character = await Demo();
        var judged = await Judged(character);
        var wearer = judged["wearers"]!.AsArray().First(w => (int)w!["off"]! > 0)!;
        var rule = (string)wearer["findings"]!.AsArray().First(f => (string?)f!["state"] == "off")!["rule"]!;
        var (face, look) = ((string)wearer["face"]!, (string)wearer["look"]!);
        var mended = await Post("/api/characters/mend", new { character, settingId = "night-parade", wearer = new { face, look }, rule });
        Assert.InRange(mended["changes"]!.AsArray().Count, 1, 3);
        var kept = await Post("/api/looks", mended["look"]!);
        character["wearers"] = new JsonArray(new JsonObject { ["face"] = face, ["look"] = (string)kept["id"]! });
        Assert.Equal(0, Off(await Judged(character), 0));
    }

    [Fact]
    public async Task WhoIsGoneIsToldAndTheOthersAreJudged()
    {
        var character = await Demo();
        character["wearers"]!.AsArray().Insert(0, new JsonObject { ["face"] = "nobody", ["look"] = "barnacle-saint" });
        var judged = await Judged(character);
        Assert.NotNull(judged["wearers"]![0]!["problem"]);
        Assert.Null(judged["wearers"]![1]!["problem"]);
    }

    [Fact]
    public async Task AStricterRuleIsSaidOfThoseWhoDoNotKeepIt()
    {
        var character = await Demo();
        var before = await Judged(character);
        character["palette"]![0]!["withinDeltaE"] = 0.5;
        var after = await Judged(character);
        Assert.True(Enumerable.Range(0, 4).Sum(k => Off(after, k)) > Enumerable.Range(0, 4).Sum(k => Off(before, k)));
    }

    [Fact]
    public async Task RulesThatContradictEachOtherAreRefusedWithBothNames()
    {
        var character = await Demo();
        character["forbidden"]!.AsArray().Add(new JsonObject { ["thing"] = "kind", ["named"] = "socket" });
        var answer = await service.Client.PostAsJsonAsync("/api/characters", character);
        Assert.Equal(System.Net.HttpStatusCode.BadRequest, answer.StatusCode);
        var told = (string)JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["detail"]!;
        Assert.Contains("Socket is there", told, StringComparison.Ordinal);
        Assert.Contains("No socket", told, StringComparison.Ordinal);
    }

    [Fact]
    public async Task ALookKnowsItsCharacters()
    {
        var of = JsonNode.Parse(await service.Client.GetStringAsync("/api/characters/of-look/barnacle-saint"))!.AsArray();
        Assert.Contains(of, c => (string?)c!["id"] == "barnacle-saints");
        Assert.Empty(JsonNode.Parse(await service.Client.GetStringAsync("/api/characters/of-look/kelp-bride"))!.AsArray());
    }

    [Fact]
    public async Task TheCrewsSheetHasEveryRuleAndEveryWearersMillimetres()
    {
        var answer = await service.Client.PostAsJsonAsync("/api/characters/sheet", new { character = await Demo(), settingId = "night-parade" });
        Assert.Equal("application/pdf", answer.Content.Headers.ContentType!.MediaType);
        using var pdf = UglyToad.PdfPig.PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync());
        var words = string.Join(' ', pdf.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        Assert.Contains("Tooth row", words, StringComparison.Ordinal);
        Assert.Contains("Bartram", words, StringComparison.Ordinal);
        Assert.Contains("Height, mm", words, StringComparison.Ordinal);
    }
}

using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>Packing: the demo's stall and its run at the small theatre, on screen, as a table and on paper.</summary>
public sealed class CaseTests(Service service) : IClassFixture<Service>
{
    private async Task<JsonNode> Demo(string id) => JsonNode.Parse(await service.Client.GetStringAsync($"/api/cases/{id}"))!["case"]!;

    private async Task<JsonNode> Packed(JsonNode one) => JsonNode.Parse(await (await service.Client.PostAsJsonAsync("/api/cases/pack", one)).Content.ReadAsStringAsync())!;

    private static double Ml(JsonNode packed) => packed["packed"]!["paints"]!.AsArray().Sum(p => (double)p!["ml"]!);

    [Fact]
    public async Task TheStallIsPackedForTwelveFaces()
    {
        var packed = await Packed(await Demo("saltmarsh-stall"));
        Assert.Equal(12, (int)packed["packed"]!["faces"]!);
        Assert.All(packed["problems"]!.AsArray(), Assert.Null);
        Assert.All(packed["packed"]!["paints"]!.AsArray(), p => Assert.True((double)p!["ml"]! > (double)p["likelyMl"]! || (int)p["pieces"]! > 0));
        Assert.Contains(packed["packed"]!["tools"]!.AsArray(), t => (bool)t!["fresh"]! && (int)t["count"]! >= 12);
        Assert.NotEmpty(packed["small"]!.AsArray());
    }

    [Fact]
    public async Task ThirtyEveningsTakeThirtyTimesThePaintOfOneInTheMean()
    {
        var run = await Demo("chapel-run");
        var thirty = await Packed(run);
        run["evenings"] = 1;
        var one = await Packed(run);
        double Likely(JsonNode packed) => packed["packed"]!["paints"]!.AsArray().Sum(p => (double)p!["likelyMl"]!);
        Assert.InRange(Likely(thirty) / Likely(one), 29.99, 30.01);
        // What is kept against running out grows by less.
        Assert.True(Ml(thirty) < 30 * Ml(one));
    }

    // A look that is gone is told, and the rest is packed.
    [Fact]
    public async Task ALookThatIsGoneIsToldAndTheOthersArePacked()
    {
        var stall = await Demo("saltmarsh-stall");
        var before = Ml(await Packed(stall));
        stall["lines"]![0]!["look"] = "washed-away";
        var after = await Packed(stall);
        Assert.Contains("washed-away", (string)after["problems"]![0]!, StringComparison.Ordinal);
        Assert.InRange(Ml(after), 0.1, before);
        stall["lines"] = new JsonArray();
        Assert.Empty((await Packed(stall))["packed"]!["paints"]!.AsArray());
    }

    [Fact]
    public async Task NonsenseIsRefusedWithASentence()
    {
        var stall = await Demo("saltmarsh-stall");
        stall["evenings"] = 100_000;
        var answer = await service.Client.PostAsJsonAsync("/api/cases/pack", stall);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("1 to 400 evenings", (await Service.Read<Problem>(answer)).Detail, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Client.PostAsJsonAsync("/api/cases", stall)).StatusCode);
    }

    [Fact]
    public async Task TheListIsATableAndASheetWithBoxes()
    {
        var stall = await Demo("saltmarsh-stall");
        var table = await (await service.Client.PostAsJsonAsync("/api/cases/list.csv", stall)).Content.ReadAsStringAsync();
        var packed = await Packed(stall);
        var names = packed["packed"]!["paints"]!.AsArray().Select(p => (string)p!["name"]!).ToArray();
        Assert.All(names, n => Assert.Contains($"paint,{n},", table, StringComparison.Ordinal));
        var answer = await service.Client.PostAsJsonAsync("/api/cases/sheet?paper=Letter", stall);
        Assert.Equal("application/pdf", answer.Content.Headers.ContentType!.MediaType);
        using var pdf = UglyToad.PdfPig.PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync());
        var words = string.Join(' ', pdf.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
        Assert.All(names, n => Assert.Contains(n, words, StringComparison.Ordinal));
        Assert.Contains("12 faces in one evening", words, StringComparison.Ordinal);
        Assert.InRange(pdf.GetPage(1).Width, 611, 613);
    }
}

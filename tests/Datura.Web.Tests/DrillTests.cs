using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>Practice over the wire: what is worth it, a sheet, a picture of it, and a book that keeps it.</summary>
public sealed class DrillTests(Service service) : IClassFixture<Service>
{
    private const string Advice = "/api/drills/advice?look=storm-cormorant&today=2026-11-29";

    private static JsonObject Drill(string exercise, string ground = "card") => new() { ["exercise"] = exercise, ["ground"] = ground };

    private async Task<JsonNode> PostAsync(string route, JsonNode body)
    {
        var answer = await service.Client.PostAsJsonAsync(route, body);
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
    }

    private async Task RefusedAsync(string route, JsonNode body, string words)
    {
        var answer = await service.Client.PostAsJsonAsync(route, body);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(words, (string)JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task WhatIsWorthPractisingComesFirstWithItsCurve()
    {
        var book = JsonNode.Parse(await service.Client.GetStringAsync("/api/drills/wenna"))!["book"]!;
        var advice = (await PostAsync(Advice, book)).AsArray();
        var worth = advice.Select(a => (double)a!["advice"]!["worth"]!).ToArray();
        Assert.Equal(worth.OrderDescending(), worth);
        var lines = advice.Single(a => (string)a!["advice"]!["exercise"]! == "thickToThin")!;
        Assert.True((int)lines["tries"]! >= 5);
        Assert.True((bool)lines["curve"]!["improves"]!);
        Assert.Equal(lines["curve"]!["line"]!.AsArray().Count, lines["curveLow"]!.AsArray().Count);
        // Parts of the look itself are offered, by their names.
        Assert.Contains(advice, a => ((string)a!["advice"]!["exercise"]!).StartsWith("storm-cormorant/", StringComparison.Ordinal) && ((string)a["name"]!).Length > 0);
    }

    [Fact]
    public async Task APartIsLaidOnAHandAndPrinted()
    {
        var advice = (await PostAsync(Advice, new JsonObject { ["name"] = "Corin", ["tries"] = new JsonArray() })).AsArray();
        var part = advice.Select(a => (string)a!["advice"]!["exercise"]!).First(e => e.Contains('/', StringComparison.Ordinal));
        var sheet = await PostAsync("/api/drills/lay", Drill(part, "hand"));
        Assert.Equal(8, sheet["marks"]!.AsArray().Count);
        Assert.NotEmpty(sheet["strokes"]!.AsArray());
        Assert.Equal(100 / (double)sheet["sharePercent"]!, (double)sheet["toFace"]!["times"]!, 0.02);
        var paper = await service.Client.PostAsJsonAsync("/api/drills/sheet.pdf?title=Feathers", Drill(part, "forearm"));
        Assert.Equal("application/pdf", paper.Content.Headers.ContentType!.MediaType);
        await RefusedAsync("/api/drills/lay", Drill("storm-cormorant/nothing"), "is no stroke that can be practised");
        await RefusedAsync("/api/drills/lay", Drill("/"), "is no stroke that can be practised");
        var large = Drill("petals");
        large["sharePercent"] = 5000;
        await RefusedAsync("/api/drills/lay", large, "20 and 200 %");
        var hand = Drill("petals", "hand");
        hand["hand"] = new JsonObject { ["knucklesMm"] = 4000 };
        await RefusedAsync("/api/drills/lay", hand, "tape");
    }

    [Fact]
    public async Task APictureOfASheetIsMeasuredOrRefusedWithASentence()
    {
        const double step = 0.5;
        const int columns = 296, rows = 210;
        var sheet = await PostAsync("/api/drills/lay", Drill("splitLoad"));
        var rgb = Enumerable.Repeat((byte)240, 3 * columns * rows).ToArray();
        // Bars across the card where the three waves lie: far from what is wanted, but paint.
        for (var n = 0; n < columns * rows; n++)
        {
            var (x, y) = (n % columns * step, n / columns * step);
            if (x is > 18 and < 130 && new[] { 24, 52, 80 }.Any(at => Math.Abs(y - at) < 5))
            {
                rgb.AsSpan(3 * n, 3).Fill(40);
            }
        }

        JsonObject Photo(byte[] bytes, int across = columns) => new()
        {
            ["drill"] = Drill("splitLoad"),
            ["rgb"] = Convert.ToBase64String(bytes),
            ["columns"] = across,
            ["rows"] = rows,
            ["stepMm"] = step,
            ["on"] = "2026-11-29",
            ["seconds"] = 90,
        };
        var score = await PostAsync("/api/drills/score", Photo(rgb));
        Assert.Equal(0, (int)score["try"]!["missing"]!);
        // A wave of 7 mm drawn straight is off by its mean: 7 · 2/π = 4.5 mm.
        Assert.InRange((double)score["try"]!["shapeMm"]!, 3, 6);
        Assert.Equal(sheet["strokes"]!.AsArray().Count, score["seen"]!.AsArray().Count);
        await RefusedAsync("/api/drills/score", Photo(Enumerable.Repeat((byte)240, rgb.Length).ToArray()), "No paint is seen");
        await RefusedAsync("/api/drills/score", Photo(rgb, 4), "The picture of the sheet");
        await RefusedAsync("/api/drills/score", Photo([1, 2, 3]), "The picture of the sheet");
    }

    [Fact]
    public async Task ABookKeepsWhatWasPractisedAndRefusesNonsense()
    {
        var tried = new JsonObject { ["on"] = "2026-11-29", ["exercise"] = "petals", ["ground"] = "hand", ["placeMm"] = 1.5, ["shapeMm"] = 1.2, ["widthPercent"] = -4, ["unevenPercent"] = 12 };
        var book = new JsonObject { ["name"] = "Corin", ["tries"] = new JsonArray(tried) };
        var id = (string)(await PostAsync("/api/drills", book))["id"]!;
        var kept = JsonNode.Parse(await service.Client.GetStringAsync($"/api/drills/{id}"))!["book"]!;
        Assert.Equal(1.2, (double)kept["tries"]![0]!["shapeMm"]!);
        Assert.Equal(82, (double)kept["hand"]!["knucklesMm"]!);
        tried["shapeMm"] = -3;
        await RefusedAsync("/api/drills", book.DeepClone(), "practice book");
        await RefusedAsync("/api/drills", new JsonObject { ["name"] = "", ["tries"] = new JsonArray() }, "whose practice");
    }
}

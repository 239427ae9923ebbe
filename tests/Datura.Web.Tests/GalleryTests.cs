using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>The gallery: drawn behind the back of whoever looks, once, and anew when something that goes into it changes.</summary>
public sealed class GalleryTests(Service service) : IClassFixture<Service>
{
    private const string Seen = "face=tamsin&kit=saltmarsh-box&setting=night-parade";

    private async Task<JsonArray> Gallery() => JsonNode.Parse(await service.Client.GetStringAsync($"/api/looks/gallery?{Seen}"))!.AsArray();

    private async Task<JsonArray> Drawn()
    {
        for (var tries = 0; tries < 200; tries++)
        {
            var gallery = await Gallery();
            if (gallery.All(l => l!["facts"] is not null))
            {
                return gallery;
            }

            await Task.Delay(250);
        }

        throw new TimeoutException("The gallery was not drawn.");
    }

    private async Task<(byte[] Bytes, string? Tag)> Picture(string id)
    {
        using var ask = new HttpRequestMessage(HttpMethod.Get, $"/api/looks/{id}/picture?{Seen}");
        ask.Headers.Accept.Add(new MediaTypeWithQualityHeaderValue("image/webp"));
        using var answer = await service.Client.SendAsync(ask);
        return (await answer.Content.ReadAsByteArrayAsync(), answer.Headers.ETag?.Tag);
    }

    [Fact]
    public async Task EveryLookIsDrawnAndFoundByItsFacts()
    {
        var gallery = await Drawn();
        Assert.True(gallery.Count >= 9);
        Assert.All(gallery, l => Assert.InRange((double)l!["facts"]!["sureMinutes"]!, (double)l["facts"]!["likelyMinutes"]!, 600));
        Assert.Equal("toChest", (string?)gallery.First(l => (string?)l!["id"] == "salt-widow")!["facts"]!["reaches"]);
        Assert.Contains(gallery, l => l!["tags"]!.AsArray().Any(t => (string?)t == "drowned") && (string?)l["production"] == "Drowned chapel");
    }

    [Fact]
    public async Task AChangedLookIsDrawnAnewAndTheOthersAreNot()
    {
        var look = JsonNode.Parse(await service.Client.GetStringAsync("/api/looks/quay-seal"))!["look"]!;
        var added = JsonNode.Parse(await (await service.Client.PostAsJsonAsync("/api/looks", look)).Content.ReadAsStringAsync())!;
        var id = (string)added["id"]!;
        await Drawn();
        var (before, tag) = await Picture(id);
        Assert.Equal(tag, (await Picture(id)).Tag);
        look["parts"]!.AsArray().RemoveAt(0);
        (await service.Client.PutAsJsonAsync($"/api/looks/{id}", new { revision = 1, document = look })).EnsureSuccessStatusCode();
        var now = await Gallery();
        Assert.Null(now.First(l => (string?)l!["id"] == id)!["facts"]);
        Assert.All(now.Where(l => (string?)l!["id"] != id), l => Assert.NotNull(l!["facts"]));
        Assert.NotEqual(before, (await Picture(id)).Bytes);
        Assert.NotNull((await Gallery()).First(l => (string?)l!["id"] == id)!["facts"]);
    }

    [Fact]
    public async Task ALookIsSeenAsItWasAtAnEarlierSave()
    {
        var look = JsonNode.Parse(await service.Client.GetStringAsync("/api/looks/low-tide-bones"))!["look"]!;
        var id = (string)JsonNode.Parse(await (await service.Client.PostAsJsonAsync("/api/looks", look)).Content.ReadAsStringAsync())!["id"]!;
        var first = await service.Client.GetByteArrayAsync($"/api/looks/{id}/picture?{Seen}");
        look["parts"] = new JsonArray();
        (await service.Client.PutAsJsonAsync($"/api/looks/{id}", new { revision = 1, document = look })).EnsureSuccessStatusCode();
        Assert.NotEqual(first, await service.Client.GetByteArrayAsync($"/api/looks/{id}/picture?{Seen}"));
        Assert.Equal(first, await service.Client.GetByteArrayAsync($"/api/looks/{id}/picture?{Seen}&revision=1"));
    }

    [Fact]
    public async Task TagsBeyondReasonAreRefusedInWords()
    {
        var look = JsonNode.Parse(await service.Client.GetStringAsync("/api/looks/kelp-bride"))!["look"]!;
        look["tags"] = new JsonArray([.. Enumerable.Range(0, 13).Select(k => (JsonNode)$"tag {k}")]);
        var answer = await service.Client.PostAsJsonAsync("/api/looks", look);
        Assert.Equal(System.Net.HttpStatusCode.BadRequest, answer.StatusCode);
    }
}

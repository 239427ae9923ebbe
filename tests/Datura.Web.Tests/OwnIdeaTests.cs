using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>Ideas of a studio's own: brought in as a file, named by a brief, handed on as a file.</summary>
public sealed class OwnIdeaTests(Service service) : IClassFixture<Service>
{
    private async Task<JsonArray> Known() => JsonNode.Parse(await service.Client.GetStringAsync("/api/briefs/ideas"))!.AsArray();

    private async Task<JsonObject> Shipped(string name) => JsonNode.Parse(await service.Client.GetStringAsync($"/api/briefs/ideas/{Uri.EscapeDataString(name)}/file"))!.AsObject();

    private Task<HttpResponseMessage> Import(JsonObject idea) => service.Client.PostAsync("/api/ideas/import", new StringContent(idea.ToJsonString(), Encoding.UTF8, "application/json"));

    [Fact]
    public async Task AnIdeaGoesOutAsAFileAndComesBackUnderAnotherName()
    {
        var name = (string)(await Known())[0]!["name"]!;
        var idea = await Shipped(name);
        idea["name"] = "Ebb warden";
        idea["words"]!.AsArray().Add("warden");
        var saved = await Service.Read<Saved>(await Import(idea));
        Assert.Contains(await Known(), i => (string?)i!["id"] == saved.Id && (string?)i["name"] == "Ebb warden");
        var again = JsonNode.Parse(await service.Client.GetStringAsync($"/api/ideas/{saved.Id}/file"));
        Assert.True(JsonNode.DeepEquals(idea, again));
        var brief = new { brief = new { words = "warden", minutes = 20 }, faceId = "odalys", kitId = "saltmarsh-box", settingId = "night-parade" };
        var first = JsonNode.Parse(await (await service.Client.PostAsJsonAsync("/api/briefs/first", brief)).Content.ReadAsStringAsync())!.AsArray();
        Assert.Equal("Ebb warden", (string?)Assert.Single(first)!["idea"]);
        Assert.Equal(HttpStatusCode.NoContent, (await service.Client.DeleteAsync($"/api/ideas/{saved.Id}?revision=1")).StatusCode);
        Assert.DoesNotContain(await Known(), i => (string?)i!["id"] == saved.Id);
    }

    [Fact]
    public async Task AnIdeaThatCannotBeDrawnIsRefusedWithItsPlace()
    {
        var idea = await Shipped((string)(await Known())[0]!["name"]!);
        idea["parts"]![0]!["kind"] = "moonbeam";
        var answer = await Import(idea);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("no kind called moonbeam", (await Service.Read<Problem>(answer)).Detail, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await service.Client.GetAsync("/api/briefs/ideas/Moonbeam/file")).StatusCode);
    }

    // JSON Schema 2020-12: whoever writes an idea in an editor is told what each entry means and where it ends.
    [Fact]
    public async Task TheSchemaTellsWhatEachEntryMeans()
    {
        var schema = JsonNode.Parse(await service.Client.GetStringAsync("/schemas/idea-1.schema.json"))!;
        var part = schema["properties"]!["parts"]!["items"]!["properties"]!.AsObject();
        Assert.All(part, p => Assert.NotNull(p.Value!["description"]));
        Assert.Equal(1, (double)part["oneSided"]!["maximum"]!);
        Assert.Equal(60, (int)schema["properties"]!["parts"]!["maxItems"]!);
    }
}

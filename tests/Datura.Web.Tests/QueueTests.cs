using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>A booth's queue over the wire: two devices, phones that watch, the book and the pots afterwards.</summary>
public sealed class QueueTests(Service service) : IClassFixture<Service>
{
    private static int count;

    private static object Event(string kind, string? ticket = null, string? painter = null, string? look = null, string? id = null, string? name = null) =>
        new { id = id ?? $"e{Interlocked.Increment(ref count)}", at = DateTimeOffset.UtcNow.ToOffset(TimeSpan.FromHours(1)), kind, ticket, painter, look, name };

    private async Task<string> DayAsync()
    {
        var day = JsonNode.Parse(await service.Client.GetStringAsync("/api/days/lantern-walk-stall"))!["day"]!;
        day["name"] = $"Queue {Guid.NewGuid():N}";
        var added = await service.Client.PostAsJsonAsync("/api/days", day);
        return (string)JsonNode.Parse(await added.Content.ReadAsStringAsync())!["id"]!;
    }

    private async Task<JsonNode> SendAsync(string day, params object[] events)
    {
        var answer = await service.Client.PostAsJsonAsync($"/api/days/{day}/queue?east=60", events);
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
    }

    [Fact]
    public async Task ATicketIsTakenCalledPaintedAndWatchedByAPhone()
    {
        var id = await DayAsync();
        var look = (string)JsonNode.Parse(await service.Client.GetStringAsync($"/api/days/{id}"))!["day"]!["menu"]![0]!["look"]!;
        var queue = await SendAsync(id, Event("joined", look: look, id: $"{id} a", name: "Merrin"), Event("joined", look: look, id: $"{id} b"), Event("joined", look: look, id: $"{id} c"));
        Assert.Equal([1, 2, 3], queue["tickets"]!.AsArray().Select(t => (int)t!["ticket"]!["number"]!));
        // Sent again it is there once.
        Assert.Equal(3, (await SendAsync(id, Event("joined", look: look, id: $"{id} a")))["tickets"]!.AsArray().Count);
        queue = await SendAsync(id, Event("called", $"{id} a", "Wenna"), Event("called", $"{id} b", "Wenna"), Event("began", $"{id} a"));
        Assert.Equal(["inChair", "waiting", "waiting"], queue["tickets"]!.AsArray().Select(t => (string)t!["ticket"]!["state"]!));
        Assert.True((double)queue["tickets"]![1]!["wait"]!["minutes"]! <= (double)queue["tickets"]![2]!["wait"]!["minutes"]!);

        var link = JsonNode.Parse(await (await service.Client.PostAsync($"/api/days/{id}/queue/link", null)).Content.ReadAsStringAsync())!;
        var token = ((string)link["path"]!)[(((string)link["path"]!).IndexOf('#', StringComparison.Ordinal) + 1)..];
        using var asked = new HttpRequestMessage(HttpMethod.Get, "/api/queue") { Headers = { { "Datura-Queue", token } } };
        var seen = await (await service.Client.SendAsync(asked)).Content.ReadAsStringAsync();
        Assert.Equal([1], JsonNode.Parse(seen)!["inChair"]!.AsArray().Select(n => (int)n!));
        Assert.Equal([2, 3], JsonNode.Parse(seen)!["waiting"]!.AsArray().Select(t => (int)t!["number"]!));
        Assert.DoesNotContain("Merrin", seen, StringComparison.Ordinal);
        using var wrong = new HttpRequestMessage(HttpMethod.Get, "/api/queue") { Headers = { { "Datura-Queue", token + "x" } } };
        Assert.Equal(HttpStatusCode.Unauthorized, (await service.Client.SendAsync(wrong)).StatusCode);
    }

    [Fact]
    public async Task AfterTheDayItIsHeldAgainstItsForecast()
    {
        var id = await DayAsync();
        var day = JsonNode.Parse(await service.Client.GetStringAsync($"/api/days/{id}"))!["day"]!;
        var look = (string)day["menu"]![0]!["look"]!;
        await SendAsync(id, Event("joined", look: look, id: $"{id} a"), Event("joined", look: look, id: $"{id} b"), Event("called", $"{id} a", "Wenna"), Event("began", $"{id} a"), Event("done", $"{id} a"));
        var review = JsonNode.Parse(await service.Client.GetStringAsync($"/api/days/{id}/queue/review"))!;
        Assert.Equal(1, (int)review["review"]!["painted"]!);
        Assert.Equal(2, (int)review["review"]!["looks"]![0]!["wanted"]!);
        Assert.NotEmpty(review["pots"]!.AsArray());
        Assert.Single(review["unbooked"]!.AsArray());
        await SendAsync(id, Event("booked", $"{id} a"));
        review = JsonNode.Parse(await service.Client.GetStringAsync($"/api/days/{id}/queue/review"))!;
        Assert.Empty(review["unbooked"]!.AsArray());
        Assert.Empty(review["pots"]!.AsArray());
        // The next day can be kept as it is.
        review["next"]!["name"] = $"Next {Guid.NewGuid():N}";
        Assert.Equal(HttpStatusCode.Created, (await service.Client.PostAsJsonAsync("/api/days", review["next"])).StatusCode);
    }

    [Theory]
    [InlineData("[{\"id\":\"\",\"at\":\"2026-12-05T14:00:00Z\",\"kind\":\"done\"}]")]
    [InlineData("[{\"id\":\"a\",\"at\":\"2026-12-05T14:00:00Z\",\"kind\":\"joined\"}]")]
    [InlineData("[{\"id\":\"a\",\"at\":\"0001-01-01T00:00:00Z\",\"kind\":\"done\"}]")]
    [InlineData("[null]")]
    [InlineData("{}")]
    public async Task NonsenseIsRefusedInASentence(string json)
    {
        using var body = new StringContent(json, System.Text.Encoding.UTF8, "application/json");
        var answer = await service.Client.PostAsync($"/api/days/lantern-walk-stall/queue", body);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(".", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }
}

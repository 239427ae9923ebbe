using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>A production over the wire: calls planned, out, planned again when a painter is ill, and in a calendar.</summary>
public sealed class ProductionTests(Service service) : IClassFixture<Service>
{
    private async Task<JsonNode> Demo() => JsonNode.Parse(await service.Client.GetStringAsync("/api/productions/bell-under-water"))!["production"]!;

    private async Task<JsonNode> CallAsync(JsonNode production, int evening = 0)
    {
        var answer = await service.Client.PostAsJsonAsync($"/api/productions/call?evening={evening}", production);
        Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
    }

    [Fact]
    public async Task EverybodyIsReadyByTheBellAndASickPainterChangesLittle()
    {
        var run = await Demo();
        foreach (var wearer in run["wearers"]!.AsArray())
        {
            wearer!["ownMinutes"] = 25;
        }

        var sheet = (await CallAsync(run))["sheet"]!;
        Assert.Equal(6, sheet["entries"]!.AsArray().Count);
        Assert.All(sheet["entries"]!.AsArray(), e => Assert.True((int)e!["readyMinute"]! <= 1170 && (double)e["chance"]! >= 0.9));
        run["performances"]![0]!["calls"] = new JsonArray([.. sheet["entries"]!.AsArray().Select(e => new JsonObject
        {
            ["wearer"] = (string)e!["wearer"]!,
            ["painter"] = (string)e["painter"]!,
            ["fromMinute"] = (int)e["fromMinute"]!,
            ["paintedMinute"] = (int)e["paintedMinute"]!,
            ["readyMinute"] = (int)e["readyMinute"]!,
        })]);
        Assert.All((await CallAsync(run))["sheet"]!["entries"]!.AsArray(), e => Assert.False((bool)e!["changed"]!));
        var of = await service.Client.PostAsJsonAsync("/api/productions/calls.pdf?evening=0&of=Wenna", run);
        Assert.Equal("application/pdf", of.Content.Headers.ContentType!.MediaType);
        run["performances"]![0]!["away"] = new JsonArray("Corin");
        var without = (await CallAsync(run))["sheet"]!["entries"]!.AsArray();
        Assert.All(without, e => Assert.Equal("Wenna", (string)e!["painter"]!));
    }

    [Fact]
    public async Task MinutesAreThePlansAndAnUnderstudyHasAFaceOfTheirOwn()
    {
        var run = await Demo();
        run["performances"]![1]!["understudies"] = new JsonArray(new JsonObject { ["for"] = "Merrin", ["name"] = "Tamsin's sister", ["face"] = "tamsin" });
        run["wearers"]![5]!["look"] = "no-such-look";
        var found = await CallAsync(run, 1);
        Assert.True((double)found["times"]![0]!["minutes"]! > 3);
        Assert.Equal("Tamsin's sister", (string)found["times"]![2]!["understudy"]!);
        Assert.EndsWith(".", (string)found["times"]![5]!["problem"]!, StringComparison.Ordinal);
        Assert.DoesNotContain(found["sheet"]!["entries"]!.AsArray(), e => (string)e!["wearer"]! == "Isolde");
    }

    [Fact]
    public async Task CalendarsGoOutAndComeIn()
    {
        Assert.Contains("BEGIN:VCALENDAR", await service.Client.GetStringAsync("/api/productions/bell-under-water/calls.ics?of=Wenna"), StringComparison.Ordinal);
        const string ics = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20261101T000000Z\r\nDTSTART:20261210T160000\r\nDTEND:20261210T170000\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        var read = await service.Client.PostAsJsonAsync("/api/productions/availability", new { calendar = ics, days = new[] { "2026-12-10" } });
        Assert.Equal("[{\"on\":\"2026-12-10\",\"fromMinute\":960,\"untilMinute\":1020}]", await read.Content.ReadAsStringAsync());
        var nonsense = await service.Client.PostAsJsonAsync("/api/productions/availability", new { calendar = "no calendar at all", days = new[] { "2026-12-10" } });
        Assert.Equal(HttpStatusCode.BadRequest, nonsense.StatusCode);
        Assert.Contains("iCalendar", await nonsense.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("performances", "[]")]
    [InlineData("performances", "[{\"on\":\"2026-12-10\",\"bellMinute\":600,\"openMinute\":700}]")]
    [InlineData("painters", "[{\"name\":\"a\"},{\"name\":\"a\"}]")]
    [InlineData("chairs", "0")]
    public async Task NonsenseIsRefusedInASentence(string field, string json)
    {
        var run = await Demo();
        run[field] = JsonNode.Parse(json);
        var answer = await service.Client.PostAsJsonAsync("/api/productions/call?evening=0", run);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(".", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }
}

using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>A day at the booth over the wire.</summary>
public sealed class DayTests(Service service) : IClassFixture<Service>
{
    private async Task<JsonNode> Demo() => JsonNode.Parse(await service.Client.GetStringAsync("/api/days/lantern-walk-stall"))!["day"]!;

    private async Task<JsonNode> Forecast(JsonNode day) => JsonNode.Parse(await (await service.Client.PostAsJsonAsync("/api/days/forecast", day)).Content.ReadAsStringAsync())!;

    [Fact]
    public async Task ADayIsForecastForItsMenuAndCrew()
    {
        var day = await Demo();
        var found = await Forecast(day);
        var all = found["forecast"]!;
        Assert.InRange((double)all["painted"]!, 10, 60);
        Assert.Equal((double)all["come"]!, (double)all["painted"]! + (double)all["leave"]! + (double)all["turnedAway"]! + (double)all["wantedOther"]!, 0.01);
        Assert.InRange((int)all["closesAt"]!, 840, 1020);
        Assert.Equal(3, all["hours"]!.AsArray().Count);
        Assert.Equal(5, found["lines"]!.AsArray().Count);
        Assert.NotEmpty(found["choices"]!.AsArray());
        // Asked again it is the same day.
        Assert.Equal(found.ToJsonString(), (await Forecast(day)).ToJsonString());
        // One more painter paints more.
        Assert.True((double)found["changes"]![0]!["paintedMore"]! > 0);
    }

    [Fact]
    public async Task MinutesThatNobodyGaveAreThePlans()
    {
        var day = await Demo();
        day["menu"]![0]!["ownMinutes"] = null;
        day["menu"]![1]!["look"] = "no-such-look";
        var found = await Forecast(day);
        Assert.InRange((double)found["lines"]![0]!["minutes"]!, 2, 40);
        Assert.True((double)found["lines"]![0]!["sdMinutes"]! > 0);
        Assert.True((double)found["lines"]![2]!["minutes"]! == 8);
    }

    [Theory]
    [InlineData("name", "\"\"")]
    [InlineData("untilMinute", "100")]
    [InlineData("patienceMinutes", "0")]
    [InlineData("arrivals", "[{\"fromMinute\":840,\"perHour\":5000}]")]
    [InlineData("painters", "[{\"name\":\"\"}]")]
    [InlineData("menu", "[{\"look\":\"\"}]")]
    public async Task NonsenseIsRefusedInASentence(string field, string json)
    {
        var day = await Demo();
        day[field] = JsonNode.Parse(json);
        var answer = await service.Client.PostAsJsonAsync("/api/days/forecast", day);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(".", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    // Nobody comes, nobody paints, a thousand an hour: a day all the same.
    [Theory]
    [InlineData("arrivals", "[]")]
    [InlineData("painters", "[]")]
    [InlineData("menu", "[]")]
    [InlineData("arrivals", "[{\"fromMinute\":0,\"perHour\":1000}]")]
    public async Task ADayWithNothingInItIsStillReckoned(string field, string json)
    {
        var day = await Demo();
        day[field] = JsonNode.Parse(json);
        if (field == "arrivals")
        {
            day["bursts"] = new JsonArray();
        }

        var all = (await Forecast(day))["forecast"]!;
        Assert.True((double)all["painted"]! >= 0);
    }

    [Theory]
    [InlineData("A3")]
    [InlineData("A6")]
    [InlineData("Letter")]
    public async Task TheMenuIsPrintedFromPosterToCard(string paper)
    {
        var day = await Demo();
        var answer = await service.Client.PostAsJsonAsync($"/api/days/menu?paper={paper}", day);
        Assert.Equal("application/pdf", answer.Content.Headers.ContentType!.MediaType);
        Assert.StartsWith("%PDF", System.Text.Encoding.ASCII.GetString((await answer.Content.ReadAsByteArrayAsync())[..4]), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Client.PostAsJsonAsync("/api/days/menu?paper=wall", day)).StatusCode);
    }
}

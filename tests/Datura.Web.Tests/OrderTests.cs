using System.Net;
using Datura.Core.Order;

namespace Datura.Web.Tests;

/// <summary>Order, versions and the booth sheet through the service.</summary>
public class OrderTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task TheShortestOrderIsKeptByTheLookAndPlansAsLong()
    {
        var request = await service.DemoRequest();
        var found = await Service.Read<ShortestResource>(await service.Send(HttpMethod.Post, "/api/plan/order/shortest?seconds=1", request));
        Assert.True(found.TotalSeconds <= found.NowSeconds && found.BoundSeconds <= found.TotalSeconds && found.TotalSeconds < found.NaiveSeconds);
        var kept = request with { Look = request.Look with { Order = new(Sequence: found.Sequence) } };
        var plan = await Service.Read<Core.Plan>(await service.Send(HttpMethod.Post, "/api/plan", kept));
        Assert.Equal(found.TotalSeconds, plan.TotalSeconds, 1.0);
        Assert.Equal(plan.Steps.SelectMany(s => s.Coats).Count(), found.Sequence.Count);
    }

    [Fact]
    public async Task AStepMovesWhereTheRulesAllowAndIsRefusedByNameWhereNot()
    {
        var request = await service.DemoRequest();
        var plan = await Service.Read<Core.Plan>(await service.Send(HttpMethod.Post, "/api/plan", request));
        var last = plan.Steps[^1];
        var refused = await service.Send(HttpMethod.Post, $"/api/plan/order/move?step={Uri.EscapeDataString(last.Key)}&to=1", request);
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("cannot go before", (await Service.Read<Problem>(refused)).Detail);
        var moved = await Service.Read<MovedResource>(await service.Send(HttpMethod.Post, $"/api/plan/order/move?step={Uri.EscapeDataString(last.Key)}&to={plan.Steps.Count}", request));
        Assert.NotEmpty(moved.Sequence);
        var gone = await service.Send(HttpMethod.Post, "/api/plan/order/move?step=nothing/here&to=1", request);
        Assert.Contains("not in the plan any more", (await Service.Read<Problem>(gone)).Detail);
    }

    [Fact]
    public async Task VersionsFollowTheSlotAndHavePictures()
    {
        var request = await service.DemoRequest();
        var all = await Service.Read<VersionsResource>(await service.Send(HttpMethod.Post, "/api/plan/versions?slot=120", request));
        Assert.Equal(all.Curve.Count - 1, all.Chosen);
        var none = await Service.Read<VersionsResource>(await service.Send(HttpMethod.Post, "/api/plan/versions?slot=1", request));
        Assert.Null(none.Chosen);
        Assert.Contains("min too long", none.Said);
        var picture = await service.Send(HttpMethod.Post, $"/api/plan/versions.png?at=0,{all.Curve.Count - 1}", request);
        Assert.Equal("image/png", picture.Content.Headers.ContentType!.MediaType);
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Send(HttpMethod.Post, "/api/plan/versions.png?at=999", request)).StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Send(HttpMethod.Post, "/api/plan/versions?slot=100000", request)).StatusCode);
    }

    [Fact]
    public async Task AVersionThatIsPaintedIsSaidOnThePlan()
    {
        var request = await service.DemoRequest();
        var part = request.Look.Parts[^1];
        var lesser = request with { Look = request.Look with { Parts = [.. request.Look.Parts.Select(p => p == part ? p with { Version = PartVersion.Out } : p)] } };
        var plan = await Service.Read<Core.Plan>(await service.Send(HttpMethod.Post, "/api/plan", lesser));
        Assert.Contains(plan.ThisTime, t => t.EndsWith("left out", StringComparison.Ordinal));
        Assert.DoesNotContain(plan.Parts, p => p.Id == part.Id);
    }

    [Fact]
    public async Task TiesInACircleKeepTheLookAndSayWhichParts()
    {
        var request = await service.DemoRequest();
        var circle = request with { Look = request.Look with { Order = new(Ties: [new("a/x", "b/x"), new("b/x", "a/x")]) } };
        var answer = await service.Send(HttpMethod.Post, "/api/plan", circle);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("go round in a circle", await answer.Content.ReadAsStringAsync());
    }

    [Fact]
    public async Task TheBoothSheetIsOnePage()
    {
        var answer = await service.Send(HttpMethod.Post, "/api/plan/sheet?paper=A4&kind=booth", await service.DemoRequest());
        using var pdf = UglyToad.PdfPig.PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync());
        Assert.Equal(1, pdf.NumberOfPages);
    }

    // Everything is common practice, a guess that says so, or stands in the list of sources by its name; nobody's rate is outside what it may be.
    [Fact]
    public async Task RulesAndRatesSayWhereTheyAreFrom()
    {
        var above = Directory.GetParent(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(above!.FullName, "docs", "sources.md")))
        {
            above = above.Parent;
        }

        var listed = await File.ReadAllTextAsync(Path.Combine(above.FullName, "docs", "sources.md"));
        bool Known(string source) => source.StartsWith("common practice", StringComparison.Ordinal) || source.StartsWith("from memory", StringComparison.Ordinal)
            || listed.Contains(source, StringComparison.OrdinalIgnoreCase);
        var (rules, rates) = (await service.Get<RuleResource[]>("/api/order/rules"), await service.Get<RateEntry[]>("/api/order/rates"));
        Assert.All(rules, r => Assert.True(Known(r.Source), $"{r.Id}: {r.Source}"));
        Assert.All(rates, r => Assert.True(Known(r.Source), $"{r.Id}: {r.Source}"));
        Assert.Equal(rates.Length, rates.Select(r => r.Id).Distinct().Count());
        Assert.All(rates, r => Assert.True(r.Least < r.Usual && r.Usual < r.Most, r.Id));
        // A broad sponge covers more in a minute than a flat brush, that more than a filbert, that more than any round; the larger round the more.
        double Covers(string tool) => rates.First(r => r.Id == $"{tool}.areaCm2PerMinute").Usual;
        string[] tools = ["Sponge", "FlatBrush", "Filbert", "Round6", "Round5", "Round3", "Round1"];
        Assert.Equal(tools, tools.OrderByDescending(Covers));
    }

    // The stack holds every coat once, from the skin up; touching is mutual, and a coat laid over one it touches lies over it.
    [Fact]
    public async Task ACoatOfTheStackIsLaidOverAnother()
    {
        var request = await service.DemoRequest();
        async Task<StackedCoat[]> Stack(OrderWish? order) =>
            await Service.Read<StackedCoat[]>(await service.Send(HttpMethod.Post, "/api/plan/stack", request with { Look = request.Look with { Order = order, Stages = null } }));
        var stack = await Stack(null);
        Assert.Equal(stack.Length, stack.Select(c => c.Key).Distinct().Count());
        Assert.All(stack, c => Assert.All(c.Touches, t => Assert.Contains(c.Key, stack.Single(o => o.Key == t).Touches)));
        Assert.DoesNotContain(stack, c => c.Decided);
        var turned = 0;
        for (var k = 1; k < stack.Length; k++)
        {
            var (upper, lower) = (stack[k], stack.Take(k).LastOrDefault(c => stack[k].Touches.Contains(c.Key)));
            if (lower is null || lower.PartId == upper.PartId)
            {
                continue;
            }

            var keys = (await Stack(new(Over: [new(lower.Key, upper.Key)]))).Select(c => c.Key).ToList();
            Assert.True(keys.IndexOf(lower.Key) > keys.IndexOf(upper.Key), $"{lower.Key} over {upper.Key}");
            turned++;
        }

        Assert.True(turned > 2);
    }
}

using System.Net;
using Datura.Core;
using UglyToad.PdfPig;

namespace Datura.Web.Tests;

public class PlanTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task TwoCopiesOfTheServicePlanTheSameBytes()
    {
        var request = await service.DemoRequest();
        var first = await (await service.Send(HttpMethod.Post, "/api/plan", request)).Content.ReadAsStringAsync();
        using var copy = service.AnotherCopy();
        var second = await (await copy.PostAsync("/api/plan", System.Net.Http.Json.JsonContent.Create(request, options: Documents.DaturaJson.Compact))).Content.ReadAsStringAsync();
        Assert.Equal(first, second);
    }

    [Fact]
    public async Task AChangedParameterChangesItsMillimetres()
    {
        var request = await service.DemoRequest();
        async Task<double> Height(double above)
        {
            var parts = request.Look.Parts.Select(p => p.Kind == "socket" ? p with { Numbers = new Dictionary<string, double> { ["aboveBrow"] = above } } : p);
            var plan = await Service.Read<Plan>(await service.Send(HttpMethod.Post, "/api/plan", request with { Look = request.Look with { Parts = [.. parts] } }));
            return plan.Parts.First(p => p.Kind == "socket").Sizes.First(s => s.Label == "Height").Value;
        }

        Assert.True(await Height(12) > await Height(2) + 8);
    }

    [Theory]
    [InlineData("/api/plan/paint?pixels=256", "image/png")]
    [InlineData("/api/plan/paint?pixels=256&steps=2", "image/png")]
    [InlineData("/api/plan/strip", "image/png")]
    [InlineData("/api/plan/sheet?paper=Letter&units=in", "application/pdf")]
    public async Task PicturesAndSheetsAreDrawn(string address, string type)
    {
        var answer = await service.Send(HttpMethod.Post, address, await service.DemoRequest());
        Assert.Equal(type, answer.Content.Headers.ContentType?.MediaType);
        Assert.True((await answer.Content.ReadAsByteArrayAsync()).Length > 2000);
    }

    // Nonsense is a mistake, not a wish for the usual.
    [Theory]
    [InlineData("/api/plan/templates?format=exe", "pdf, svg")]
    [InlineData("/api/plan/sheet?kind=junk", "full, booth")]
    [InlineData("/api/plan/sheet?units=ells", "mm, in")]
    public async Task AWordThatIsNoneOfThoseIsRefusedAndTheyAreNamed(string address, string words)
    {
        var answer = await service.Send(HttpMethod.Post, address, await service.DemoRequest());
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(words, await answer.Content.ReadAsStringAsync());
    }

    // Forty sheets and pictures at once, and plain reads beside them: all are answered, none with a fault.
    [Fact]
    public async Task PlainReadsAndHeavyWorkAreAnsweredSideBySide()
    {
        var request = await service.DemoRequest();
        var heavy = Enumerable.Range(0, 20).Select(n => service.Send(
            HttpMethod.Post, n % 4 == 0 ? "/api/plan/sheet" : "/api/plan/paint?pixels=256", request with { Look = request.Look with { Name = $"Look {n}" } })).ToArray();
        var plain = await Task.WhenAll(Enumerable.Range(0, 20).Select(_ => service.Client.GetAsync("/api/looks/find")));
        Assert.All(plain, a => Assert.Equal(HttpStatusCode.OK, a.StatusCode));
        Assert.All(await Task.WhenAll(heavy), a => Assert.Equal(HttpStatusCode.OK, a.StatusCode));
    }

    [Fact]
    public async Task TheSheetCarriesTheStepsOfThePlan()
    {
        var request = await service.DemoRequest();
        var plan = await Service.Read<Plan>(await service.Send(HttpMethod.Post, "/api/plan", request));
        var bytes = await (await service.Send(HttpMethod.Post, "/api/plan/sheet?paper=A4", request)).Content.ReadAsByteArrayAsync();
        using var pdf = PdfDocument.Open(bytes);
        var text = string.Concat(pdf.GetPages().Select(p => p.Text)).Replace(" ", "", StringComparison.Ordinal);
        Assert.All(plan.Steps, s => Assert.Contains(s.ToolName.Replace(" ", "", StringComparison.Ordinal), text, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("/api/plan/paint?pixels=90000", "pixels")]
    [InlineData("/api/plan/sheet?paper=napkin", "paper")]
    public async Task OddSizesAreRefusedByName(string address, string field)
    {
        var answer = await service.Send(HttpMethod.Post, address, await service.DemoRequest());
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(field, (await Service.Read<Problem>(answer)).Errors!.Keys);
    }

    [Fact]
    public async Task AnUnplannableLookNamesItsParts()
    {
        var request = await service.DemoRequest();
        var parts = request.Look.Parts.Select(p => p with { Kind = "trombone" });
        var answer = await service.Send(HttpMethod.Post, "/api/plan", request with { Look = request.Look with { Parts = [.. parts] } });
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("parts[0].kind", (await Service.Read<Problem>(answer)).Errors!.Keys);
    }

    [Fact]
    public async Task APlanForNobodyIsRefused()
    {
        var answer = await service.Send(HttpMethod.Post, "/api/plan", await service.DemoRequest() with { FaceId = "" });
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
    }

    // The gallery shows every look with every kit; on a kit that lacks its colours the nearest mixes stand in and are named.
    [Fact]
    public async Task ALookOnAnotherKitIsPaintedWithStandIns()
    {
        var request = await service.DemoRequest();
        var plan = await Service.Read<Core.Plan>(await service.Send(HttpMethod.Post, "/api/plan", request with { KitId = "booth-eight" }));
        Assert.NotEmpty(plan.StandIns);
        Assert.All(plan.StandIns, s => Assert.NotNull(s.DeltaE));
        Assert.Empty((await Service.Read<Core.Plan>(await service.Send(HttpMethod.Post, "/api/plan", request))).StandIns);
        foreach (var look in await service.Get<Store.DocumentHead[]>("/api/looks"))
        {
            var picture = await service.Client.GetAsync($"/api/looks/{look.Id}/picture?face=odalys&kit=booth-eight&setting=night-parade");
            Assert.Equal("image/png", picture.Content.Headers.ContentType?.MediaType);
        }
    }
}

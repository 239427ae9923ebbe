using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web.Tests;

public class LookTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task TheDemoIsThereAfterTheFirstStart()
    {
        var looks = await service.Get<DocumentHead[]>("/api/looks");
        Assert.Contains(looks, l => l.Name == "Drowned lamp keeper");
        Assert.True((await service.Get<FaceResource[]>("/api/faces")).Select(f => f.SkinClass).Distinct().Count() > 2);
    }

    [Fact]
    public async Task ASecondStartAddsNothing()
    {
        var before = await service.Get<DocumentHead[]>("/api/looks");
        using var copy = service.AnotherCopy();
        await copy.GetAsync("/health");
        Assert.Equal(before, await service.Get<DocumentHead[]>("/api/looks"));
    }

    // What is read of a look is what its file says, and what is read can be saved again as it came.
    [Fact]
    public async Task WhatIsReadIsWhatIsKept()
    {
        foreach (var (id, _, _, _) in await service.Get<DocumentHead[]>("/api/looks"))
        {
            var read = JsonNode.Parse(await service.Client.GetStringAsync($"/api/looks/{id}"))!;
            var file = JsonNode.Parse(await service.Client.GetStringAsync($"/api/looks/{id}/file"))!.AsObject();
            Assert.True(file.Remove("format") && file.Remove("version"));
            Assert.True(JsonNode.DeepEquals(file, read["look"]), id);
            var saved = await service.Client.PutAsJsonAsync($"/api/looks/{id}", new { revision = (int)read["revision"]!, document = read["look"] });
            Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        }
    }

    // The words of the trade are sent once; whoever has them is told that they are still the same (RFC 9110, If-None-Match).
    [Theory]
    [InlineData("/api/kinds")]
    [InlineData("/api/hands")]
    [InlineData("/api/measures")]
    [InlineData("/api/order/rules")]
    public async Task WordsAreSentOnce(string address)
    {
        using var first = await service.Client.GetAsync(address);
        using var again = new HttpRequestMessage(HttpMethod.Get, address) { Headers = { IfNoneMatch = { first.Headers.ETag! } } };
        using var answer = await service.Client.SendAsync(again);
        Assert.Equal(HttpStatusCode.NotModified, answer.StatusCode);
    }

    [Fact]
    public async Task EverySaveIsARevisionAndOldOnesStay()
    {
        var id = await Added("Wreck diver");
        var look = await service.DemoLook();
        for (var revision = 1; revision <= 3; revision++)
        {
            var saved = await service.Send(HttpMethod.Put, $"/api/looks/{id}", new Save<Look>(revision, look with { Name = $"Wreck diver {revision}" }));
            Assert.Equal(revision + 1, (await Service.Read<Saved>(saved)).Revision);
        }

        Assert.Equal([4, 3, 2, 1], (await service.Get<RevisionHead[]>($"/api/looks/{id}/revisions")).Select(r => r.Revision));
        Assert.Equal("Wreck diver 1", (await service.Get<LookResource>($"/api/looks/{id}?revision=2")).Look.Name);
        Assert.Equal("Wreck diver 3", (await service.Get<LookResource>($"/api/looks/{id}")).Look.Name);
    }

    [Fact]
    public async Task AStaleSaveIsRefusedAndOverwritesNothing()
    {
        var id = await Added("Kelp bride");
        var look = await service.DemoLook();
        await service.Send(HttpMethod.Put, $"/api/looks/{id}", new Save<Look>(1, look with { Name = "Mine" }));
        using var copy = service.AnotherCopy(); // a copy of the service that remembers nothing refuses just the same
        var stale = await copy.PutAsync($"/api/looks/{id}", Json(new Save<Look>(1, look with { Name = "Theirs" })));
        var problem = await Service.Read<Problem>(stale);
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
        Assert.Equal("application/problem+json", stale.Content.Headers.ContentType?.MediaType);
        Assert.Equal(2, problem.CurrentRevision);
        Assert.Contains("save 1", problem.Detail, StringComparison.Ordinal);
        Assert.Equal("Mine", (await service.Get<LookResource>($"/api/looks/{id}")).Look.Name);
    }

    [Fact]
    public async Task OfManySavesAtOnceOneWins()
    {
        var id = await Added("Cormorant");
        var look = await service.DemoLook();
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(k =>
            service.Send(HttpMethod.Put, $"/api/looks/{id}", new Save<Look>(1, look with { Name = $"Cormorant {k}" }))));
        Assert.Equal(1, answers.Count(a => a.StatusCode == HttpStatusCode.OK));
        Assert.Equal(7, answers.Count(a => a.StatusCode == HttpStatusCode.Conflict));
    }

    [Theory]
    [InlineData("/api/looks/no-such-look")]
    [InlineData("/api/looks/no-such-look/revisions")]
    [InlineData("/api/looks/drowned-lamp-keeper?revision=999")]
    [InlineData("/api/looks/no-such-look/picture?face=odalys&kit=saltmarsh-box&setting=night-parade")]
    [InlineData("/api/looks/drowned-lamp-keeper/picture?face=nobody&kit=saltmarsh-box&setting=night-parade")]
    [InlineData("/api/faces/nobody/body")]
    [InlineData("/api/nonsense")]
    public async Task WhatIsNotThereIsA404InWords(string address)
    {
        var answer = await service.Client.GetAsync(address);
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.False(string.IsNullOrEmpty((await Service.Read<Problem>(answer)).Detail));
    }

    [Theory]
    [InlineData("{\"revision\":1}", "look")]
    [InlineData("{\"revision\":1,\"document\":{\"name\":\"\",\"mapping\":\"pencil\",\"parts\":[]}}", "name")]
    [InlineData("{\"revision\":\"one\",\"document\":null}", "revision")]
    [InlineData("{\"revision\":1,\"document\":{\"name\":\"x\",\"mapping\":\"chalk\",\"parts\":[]}}", "mapping")]
    [InlineData("not json", "$")]
    public async Task NonsenseIsA400WithItsField(string body, string field)
    {
        var answer = await service.Client.PutAsync("/api/looks/drowned-lamp-keeper", new StringContent(body, Encoding.UTF8, "application/json"));
        var problem = await Service.Read<Problem>(answer);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(problem.Errors!.Keys, k => k.Contains(field, StringComparison.Ordinal));
    }

    [Fact]
    public async Task ALookGoesOutAsAFileAndComesBackIn()
    {
        var text = await service.Client.GetStringAsync("/api/looks/barnacle-saint/file");
        var added = await service.Client.PostAsync("/api/looks/import", new StringContent(text, Encoding.UTF8, "application/json"));
        var id = (await Service.Read<Saved>(added)).Id;
        Assert.NotEqual("barnacle-saint", id);
        Assert.Equal(text, await service.Client.GetStringAsync($"/api/looks/{id}/file"));
    }

    [Fact]
    public async Task ABrokenFileIsRefusedWithItsLine()
    {
        var text = (await service.Client.GetStringAsync("/api/looks/barnacle-saint/file")).Replace("\"version\": 1", "\"version\": 9", StringComparison.Ordinal);
        var before = await service.Get<DocumentHead[]>("/api/looks");
        var problem = await Service.Read<Problem>(await service.Client.PostAsync("/api/looks/import", new StringContent(text)));
        Assert.Equal(400, problem.Status);
        Assert.Equal(3, problem.Line);
        Assert.Equal(before.Length, (await service.Get<DocumentHead[]>("/api/looks")).Length);
    }

    [Fact]
    public async Task ARemovedLookLeavesTheListButNotTheDatabase()
    {
        var id = await Added("Short-lived");
        Assert.Equal(HttpStatusCode.NoContent, (await service.Client.DeleteAsync($"/api/looks/{id}?revision=1")).StatusCode);
        Assert.DoesNotContain(await service.Get<DocumentHead[]>("/api/looks"), l => l.Id == id);
        Assert.Single(await service.Get<RevisionHead[]>($"/api/looks/{id}/revisions"));
    }

    private async Task<string> Added(string name)
    {
        var answer = await service.Send(HttpMethod.Post, "/api/looks", await service.DemoLook() with { Name = name });
        Assert.Equal(HttpStatusCode.Created, answer.StatusCode);
        return (await Service.Read<Saved>(answer)).Id;
    }

    private static StringContent Json<T>(T value) => new(System.Text.Json.JsonSerializer.Serialize(value, DaturaJson.Compact), Encoding.UTF8, "application/json");

    // By what the browser takes (RFC 9110, 12.5.1), and told so to whatever keeps answers in between.
    [Fact]
    public async Task APictureIsSmallerForWhoeverTakesWebP()
    {
        async Task<(string? Kind, byte[] Bytes, string Vary)> Ask(string? accept)
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, "/api/looks/storm-cormorant/picture?view=front");
            request.Headers.Add("Accept", accept ?? "*/*");
            using var answer = await service.Client.SendAsync(request);
            return (answer.Content.Headers.ContentType?.MediaType, await answer.Content.ReadAsByteArrayAsync(), string.Join(",", answer.Headers.Vary));
        }

        var (png, webp) = (await Ask(null), await Ask("image/avif,image/webp,image/png,*/*;q=0.8"));
        Assert.Equal(("image/png", "image/webp"), (png.Kind, webp.Kind));
        Assert.Contains("Accept", webp.Vary, StringComparison.Ordinal);
        Assert.True(webp.Bytes.Length < 0.5 * png.Bytes.Length, $"{webp.Bytes.Length} of {png.Bytes.Length} bytes");
        using var a = SkiaSharp.SKBitmap.Decode(png.Bytes);
        using var b = SkiaSharp.SKBitmap.Decode(webp.Bytes);
        Assert.Equal((a.Width, a.Height), (b.Width, b.Height));
        var off = a.Pixels.Zip(b.Pixels, (x, y) => (Math.Abs(x.Red - y.Red) + Math.Abs(x.Green - y.Green) + Math.Abs(x.Blue - y.Blue)) / 3.0).Average();
        Assert.True(off < 3, $"{off} of 255 off on average");
    }
}

using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web.Tests;

/// <summary>What the service does with every kind of document, the same for all.</summary>
public class DocumentTests(Service service) : IClassFixture<Service>
{
    public static TheoryData<string> Plurals => [.. DocumentTypes.All.Select(t => t.Plural)];

    [Theory]
    [MemberData(nameof(Plurals))]
    public async Task EveryKindGoesOutAsAFileAndComesBackUnderAnotherId(string plural)
    {
        var first = (await service.Get<DocumentHead[]>($"/api/{plural}/find"))[0];
        var text = await service.Client.GetStringAsync($"/api/{plural}/{first.Id}/file");
        var added = await service.Client.PostAsync($"/api/{plural}/import", new StringContent(text));
        Assert.Equal(HttpStatusCode.Created, added.StatusCode);
        var id = (await Service.Read<Saved>(added)).Id;
        Assert.NotEqual(first.Id, id);
        var back = JsonNode.Parse(await service.Client.GetStringAsync($"/api/{plural}/{id}/file"))!;
        Assert.DoesNotContain(DocumentDifferences.Of(JsonNode.Parse(text), back), d => d.Path is not ["id"]);
    }

    [Theory]
    [MemberData(nameof(Plurals))]
    public async Task WhatIsRemovedCanBePutBackAsItWas(string plural)
    {
        var first = (await service.Get<DocumentHead[]>($"/api/{plural}/find"))[^1];
        var text = await service.Client.GetStringAsync($"/api/{plural}/{first.Id}/file");
        Assert.Equal(HttpStatusCode.NoContent, (await service.Client.DeleteAsync($"/api/{plural}/{first.Id}?revision={first.Revision}")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await service.Client.GetAsync($"/api/{plural}/{first.Id}/file")).StatusCode);
        var inTheBin = Assert.Single(await service.Get<DocumentHead[]>($"/api/{plural}/find?removed=true"), d => d.Id == first.Id);
        Assert.InRange((DateTime.UtcNow - inTheBin.RemovedAt!.Value.ToUniversalTime()).TotalMinutes, -1, 5);
        var back = await Service.Read<Saved>(await service.Client.PostAsync($"/api/{plural}/{first.Id}/put-back", null));
        Assert.Equal(first.Revision, back.Revision);
        Assert.Equal(text, await service.Client.GetStringAsync($"/api/{plural}/{first.Id}/file"));
        Assert.Contains(first, await service.Get<DocumentHead[]>($"/api/{plural}/find"));
    }

    // The answer was lost on its way, so the page sends it again.
    [Fact]
    public async Task ASaveSentAgainWithItsKeyIsAnsweredAsTheFirstTime()
    {
        var look = await service.DemoLook("wreck-diver");
        async Task<HttpResponseMessage> Sent(HttpMethod method, string path, object body, string key)
        {
            using var request = new HttpRequestMessage(method, path) { Content = JsonContent.Create(body, options: DaturaJson.Compact) };
            request.Headers.Add("Idempotency-Key", key);
            return await service.Client.SendAsync(request);
        }

        var (add, save) = ($"{Guid.NewGuid()}", $"{Guid.NewGuid()}");
        var first = await Service.Read<Saved>(await Sent(HttpMethod.Post, "/api/looks", look with { Name = "Twice sent" }, add));
        Assert.Equal(first, await Service.Read<Saved>(await Sent(HttpMethod.Post, "/api/looks", look with { Name = "Twice sent" }, add)));
        var changed = new Save<Look>(1, look with { Name = "Twice sent", Notes = "ropes" });
        Assert.Equal(2, (await Service.Read<Saved>(await Sent(HttpMethod.Put, $"/api/looks/{first.Id}", changed, save))).Revision);
        Assert.Equal(2, (await Service.Read<Saved>(await Sent(HttpMethod.Put, $"/api/looks/{first.Id}", changed, save))).Revision);
        Assert.Equal(HttpStatusCode.Conflict, (await Sent(HttpMethod.Put, $"/api/looks/{first.Id}", changed, $"{Guid.NewGuid()}")).StatusCode);
        Assert.Equal(HttpStatusCode.Conflict, (await Sent(HttpMethod.Put, $"/api/looks/{first.Id}", changed with { Revision = 2 }, save)).StatusCode);
        var none = await Sent(HttpMethod.Put, $"/api/looks/{first.Id}", changed with { Revision = 2 }, "no key!");
        Assert.Equal(HttpStatusCode.BadRequest, none.StatusCode);
        Assert.Contains("8 to 80 letters", await none.Content.ReadAsStringAsync());
        Assert.Equal(2, (await service.Get<RevisionHead[]>($"/api/looks/{first.Id}/revisions")).Length);
    }

    [Fact]
    public async Task WhatWasNeverThereCannotBePutBack() =>
        Assert.Equal(HttpStatusCode.NotFound, (await service.Client.PostAsync("/api/looks/never-there/put-back", null)).StatusCode);

    [Fact]
    public async Task AnOldRevisionIsComparedAndRestoredOnTop()
    {
        var look = await service.DemoLook("wreck-diver");
        var id = (await Service.Read<Saved>(await service.Send(HttpMethod.Post, "/api/looks", look with { Name = "Salvage diver" }))).Id;
        await service.Send(HttpMethod.Put, $"/api/looks/{id}", new Save<Look>(1, look with { Name = "Salvage diver", Notes = "ropes added" }));
        var differences = await service.Get<DocumentDifference[]>($"/api/looks/{id}/revisions/differences?from=1&to=2");
        Assert.Equal(["notes"], Assert.Single(differences).Path);
        // Whoever has not seen the newest is refused.
        Assert.Equal(HttpStatusCode.Conflict, (await service.Client.PostAsync($"/api/looks/{id}/revisions/1/restore?read=1", null)).StatusCode);
        var restored = await Service.Read<Saved>(await service.Client.PostAsync($"/api/looks/{id}/revisions/1/restore?read=2", null));
        Assert.Equal(3, restored.Revision);
        Assert.Empty(await service.Get<DocumentDifference[]>($"/api/looks/{id}/revisions/differences?from=1&to=3"));
        Assert.Equal(3, (await service.Get<RevisionHead[]>($"/api/looks/{id}/revisions")).Length);
    }

    [Theory]
    [InlineData("lamp", "drowned-lamp-keeper")]
    [InlineData("LAMP KEEP", "drowned-lamp-keeper")]
    public async Task ALookIsFoundByLettersOfItsName(string letters, string id) =>
        Assert.Contains(await service.Get<DocumentHead[]>($"/api/looks/find?name={Uri.EscapeDataString(letters)}"), l => l.Id == id);

    [Theory]
    [InlineData("%")]
    [InlineData("no such letters")]
    public async Task WhatIsNotInAnyNameFindsNothing(string letters) =>
        Assert.Empty(await service.Get<DocumentHead[]>($"/api/looks/find?name={Uri.EscapeDataString(letters)}"));

    // The picture of a look needs nothing but the look; every view is another picture.
    [Fact]
    public async Task ALookIsDrawnWithItsOwnKitFromEverySide()
    {
        var pictures = new List<byte[]>();
        foreach (var view in new[] { "gallery", "front", "left", "right", "close" })
        {
            var answer = await service.Client.GetAsync($"/api/looks/storm-cormorant/picture?view={view}");
            Assert.Equal("image/png", answer.Content.Headers.ContentType?.MediaType);
            pictures.Add(await answer.Content.ReadAsByteArrayAsync());
        }

        Assert.Distinct(pictures.Select(Convert.ToHexString));
        var odd = await Service.Read<Problem>(await service.Client.GetAsync("/api/looks/storm-cormorant/picture?view=behind"));
        Assert.Contains("view", odd.Errors!.Keys);
    }

    [Fact]
    public async Task TwoOfOneNameGetIdsThatDiffer()
    {
        var kit = (await service.Get<WholeKitResource>("/api/kits/saltmarsh-box")).Kit;
        var ids = new List<string>();
        for (var k = 0; k < 3; k++)
        {
            ids.Add((await Service.Read<Saved>(await service.Send(HttpMethod.Post, "/api/kits", kit with { Name = "Tin" }))).Id);
        }

        Assert.Equal(["tin", "tin-2", "tin-3"], ids);
        Assert.Equal("tin-2", (await service.Get<WholeKitResource>("/api/kits/tin-2")).Kit.Id);
    }

    // What a link, a download or a log shows of a face says nothing of the person.
    [Fact]
    public async Task TheIdOfAFaceIsNotMadeOfItsName()
    {
        var face = (await service.Get<FaceResource>("/api/faces/odalys")).Face with { Name = "Marla Quillon" };
        var ids = new List<string>();
        for (var k = 0; k < 3; k++)
        {
            ids.Add((await Service.Read<Saved>(await service.Send(HttpMethod.Post, "/api/faces", face))).Id);
        }

        Assert.Distinct(ids);
        Assert.All(ids, id => Assert.Matches("^[a-z0-9]{20}$", id));
        Assert.All(ids, id => Assert.DoesNotContain("marla", id, StringComparison.Ordinal));
        var file = await service.Client.GetAsync($"/api/faces/{ids[0]}/file");
        Assert.Equal($"{ids[0]}.face.json", file.Content.Headers.ContentDisposition?.FileName);
    }

    // RFC 9110, 13.1.2: what the asker already has is not sent again; what has changed since is.
    [Theory]
    [InlineData("/api/looks/quay-seal/picture")]
    [InlineData("/api/faces/odalys/stretch")]
    [InlineData("/api/faces/odalys/body.glb")]
    [InlineData("/api/measures/mouthWidth/picture")]
    [InlineData("/api/kinds/horns/picture?kit=saltmarsh-box")]
    public async Task APictureIsSentOnceAndAgainOnlyWhenItChanges(string address)
    {
        var first = await service.Client.GetAsync(address);
        Assert.Equal(HttpStatusCode.OK, first.StatusCode);
        var again = new HttpRequestMessage(HttpMethod.Get, address);
        again.Headers.IfNoneMatch.Add(first.Headers.ETag!);
        var second = await service.Client.SendAsync(again);
        Assert.Equal(HttpStatusCode.NotModified, second.StatusCode);
        Assert.Empty(await second.Content.ReadAsByteArrayAsync());
        var other = new HttpRequestMessage(HttpMethod.Get, address);
        other.Headers.IfNoneMatch.Add(new("\"another\""));
        Assert.Equal(HttpStatusCode.OK, (await service.Client.SendAsync(other)).StatusCode);
    }

    [Fact]
    public async Task WhoeverGoesAwayLeavesNothingRunningAndNothingBroken()
    {
        var request = await service.DemoRequest() with { FaceId = "bartram", OnScreen = ["nothing/such"] };
        using var gone = new CancellationTokenSource();
        var asked = service.Client.PostAsync("/api/plan", System.Net.Http.Json.JsonContent.Create(request, options: Documents.DaturaJson.Compact), gone.Token);
        await gone.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => asked);
        // The same question of somebody who stays is answered.
        Assert.Equal(HttpStatusCode.OK, (await service.Send(HttpMethod.Post, "/api/plan", request)).StatusCode);
    }
}

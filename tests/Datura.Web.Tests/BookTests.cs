using System.Net;
using System.Text;

namespace Datura.Web.Tests;

/// <summary>What the book teaches over the wire: times, what they change, tables out and in, photos, and sessions that somebody forgot.</summary>
public sealed class BookTests(Service service) : IClassFixture<Service>
{
    private async Task<PlanRequest> SealAsync(string setting = "night-parade", string face = "tamsin") => new((await service.Get<LookResource>("/api/looks/quay-seal")).Look, face, "saltmarsh-box", setting);

    private async Task<string> BegunAsync(string more = "", string face = "tamsin", string on = "2026-10-31")
    {
        using var begun = await service.Send(HttpMethod.Post, $"/api/paintings/of-plan?lookId=quay-seal&on={on}&chair=true{more}", await SealAsync(face: face));
        Assert.Equal(HttpStatusCode.Created, begun.StatusCode);
        return (await Service.Read<Saved>(begun)).Id;
    }

    private static ByteArrayContent Picture(byte[] bytes) => new(bytes) { Headers = { ContentType = new("application/octet-stream") } };

    private async Task HappenAsync(string id, DateTimeOffset at, params (double Second, ChairEventKind Kind, string? Step)[] happened)
    {
        ChairEvent[] events = [.. happened.Select((h, k) => new ChairEvent($"{id}-{k + 1}", "tablet", k + 1, at.AddSeconds(h.Second), h.Kind, h.Step))];
        using var answer = await service.Send(HttpMethod.Post, $"/api/paintings/{id}/events", events);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
    }

    private async Task<Painting> PaintedAsync(string painter, double slower, DateTimeOffset at)
    {
        var id = await BegunAsync($"&painter={painter}");
        var painting = (await service.Get<PaintingResource>($"/api/paintings/{id}")).Painting;
        var (second, happened) = (0.0, new List<(double, ChairEventKind, string?)> { (0, ChairEventKind.Begun, null) });
        foreach (var step in painting.Steps)
        {
            second += slower * step.Seconds + step.WaitSeconds;
            happened.Add((second, ChairEventKind.StepDone, step.Key));
        }

        await HappenAsync(id, at, [.. happened, (second, ChairEventKind.Ended, null)]);
        return painting;
    }

    [Fact]
    public async Task ASessionTakesAlongWhatMayBeLeftOutAndWhoPaints()
    {
        var id = await BegunAsync("&painter=Jory&second=Merle");
        var painting = (await service.Get<PaintingResource>($"/api/paintings/{id}")).Painting;
        Assert.Equal(("Jory", "Merle", 0.8), (painting.Painter, painting.SecondPainter, painting.Confidence));
        Assert.NotEmpty(painting.Ways);
        Assert.All(painting.Steps, s => Assert.True(s.UsualWorkSeconds > 0 && s.Coats.Count > 0));
        Assert.InRange(painting.LikelySeconds!.Value, painting.Steps.Sum(s => s.Seconds) - 1, painting.Steps.Sum(s => s.Seconds + s.WaitSeconds) + 1);
        // Just the muzzle, to time it.
        var look = (await service.Get<LookResource>("/api/looks/quay-seal")).Look;
        var piece = (await service.Get<PaintingResource>($"/api/paintings/{await BegunAsync($"&only={look.Parts[1].Id}")}")).Painting;
        Assert.All(piece.Steps, s => Assert.Equal([look.Parts[1].Id], s.Parts));
        Assert.Empty(piece.Ways);
        using var nothing = await service.Send(HttpMethod.Post, "/api/paintings/of-plan?lookId=quay-seal&on=2026-10-31&chair=true&only=nothing", await SealAsync());
        Assert.Equal(HttpStatusCode.BadRequest, nothing.StatusCode);
    }

    [Fact]
    public async Task HerTimesAreTakenIntoThePlanWhereThatIsSwitchedOn()
    {
        foreach (var n in Enumerable.Range(0, 4))
        {
            await PaintedAsync("Elowen", 1.6, new DateTimeOffset(2026, 10, 1 + n, 17, 0, 0, TimeSpan.Zero));
        }

        Assert.Contains("Elowen", await service.Get<string[]>("/api/book/painters"));
        var times = await service.Get<TimesResource>("/api/book/times?painter=Elowen");
        Assert.Equal(4, times.Sessions);
        Assert.All(times.Hands.Where(h => h.Technique is not "waiting"), h => Assert.True(h.Factor > 1.1 && h.Low < h.Factor && h.Factor < h.High, $"{h.Hand} {h.Factor}"));
        var change = Assert.Single(await service.Get<TimesChange[]>("/api/book/changes?painter=Elowen"));
        Assert.True(change.OwnSeconds > 1.2 * change.UsualSeconds);

        var setting = await service.Get<SettingResource>("/api/settings/night-parade");
        async Task<double> MinutesAsync(string? of)
        {
            using var added = await service.Send(HttpMethod.Post, "/api/settings", setting.Setting with { Id = "", Name = $"Hers {Guid.NewGuid():N}", TimesOf = of });
            using var planned = await service.Send(HttpMethod.Post, "/api/plan", await SealAsync((await Service.Read<Saved>(added)).Id));
            return (await Service.Read<Core.Plan>(planned)).TotalSeconds;
        }

        var usual = await MinutesAsync(null);
        Assert.True(await MinutesAsync("Elowen") > 1.2 * usual);
        // Nobody by that name painted: what is usual.
        Assert.Equal(usual, await MinutesAsync("Nobody"), 0.5);
        Assert.Equal(0, (await service.Get<TimesResource>("/api/book/times?painter=Nobody")).Sessions);
    }

    [Fact]
    public async Task TheDemosThirtyEveningsTeachHerTimes()
    {
        var times = await service.Get<TimesResource>("/api/book/times?painter=Wenna");
        Assert.Equal(30, times.Sessions);
        Assert.True(times.Hands.Single(h => h.Hand == "round3 stroke").Factor > 1.2);
        Assert.True(times.Hands.Single(h => h.Hand == "sponge dab").Factor < 0.9);
        Assert.Equal(10, times.Reliability.Count);
        Assert.Equal(3, times.Looks.Count);
        using var found = await service.Send(HttpMethod.Post, "/api/book/quicker?lookId=quay-seal", await SealAsync());
        var quicker = await Service.Read<QuickerResource>(found);
        Assert.NotEmpty(quicker.Costly);
        Assert.NotEmpty(quicker.Ideas);
    }

    // Left open for two days: it is not called any more, and its steps are learned from all the same.
    [Fact]
    public async Task ASessionLeftOpenIsNotCalledAndLosesNothing()
    {
        var id = await BegunAsync("&painter=Kerensa");
        var step = (await service.Get<PaintingResource>($"/api/paintings/{id}")).Painting.Steps[0].Key;
        await HappenAsync(id, DateTimeOffset.UtcNow.AddDays(-2), (0, ChairEventKind.Begun, null), (70, ChairEventKind.StepDone, step));
        var now = await BegunAsync("&painter=Kerensa", on: DateTime.Now.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture));
        await HappenAsync(now, DateTimeOffset.UtcNow, (0, ChairEventKind.Begun, null));
        var open = (await service.Get<OpenSessionResource[]>("/api/book/open")).Select(o => o.Id).ToArray();
        Assert.DoesNotContain(id, open);
        Assert.Contains(now, open);
        Assert.Equal(2, (await service.Get<ChairEvent[]>($"/api/paintings/{id}/events")).Length);
        Assert.Equal(1, (await service.Get<TimesResource>("/api/book/times?painter=Kerensa")).Sessions);
    }

    [Fact]
    public async Task TheBookGoesOutAsATableAndComesInAgainAllOrNothing()
    {
        var before = (await service.Get<PaintingResource[]>("/api/paintings")).Length;
        async Task<HttpResponseMessage> BringAsync(string text) => await service.Client.PostAsync("/api/book/table", new StringContent(text, Encoding.UTF8, "text/csv"));
        using (var brought = await BringAsync("look,day,minutes,painter,weather\r\nquay seal,2026-09-01,11,Loveday,rain\r\nquay-seal,2026-09-02,10.5,Loveday,\r\n"))
        {
            Assert.Equal(2, (await Service.Read<BroughtSessions>(brought)).Added);
        }

        foreach (var bad in new[] { "look,day\r\nquay seal,2026-09-01\r\n", "look,day,minutes\r\nquay seal,2026-09-01,11\r\nno such look,2026-09-01,11\r\n", "look,day,minutes\r\nquay seal,2199-09-01,11\r\n", "" })
        {
            using var refused = await BringAsync(bad);
            Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        }

        Assert.Equal(before + 2, (await service.Get<PaintingResource[]>("/api/paintings")).Length);
        var table = await service.Client.GetStringAsync("/api/book/table");
        Assert.Contains("2026-09-02,Quay seal,10.5,,Loveday", table, StringComparison.Ordinal);
        Assert.Equal(2, (await service.Get<TimesResource>("/api/book/times?painter=Loveday")).Looks.Single().Points.Count);
        Assert.Equal((await service.Get<PaintingResource[]>("/api/paintings")).Length, (await service.Get<WholeBook>("/api/book/file")).Sessions.Count);
    }

    [Fact]
    public async Task APhotoIsKeptOnceAndDeletedAtOnce()
    {
        var id = await BegunAsync();
        byte[] png = Files.Pictures.Png.Of([.. Enumerable.Repeat((byte)200, 4 * 40 * 30)], 40, 30);
        async Task<HttpStatusCode> SendAsync(byte[] bytes) => (await service.Client.PostAsync($"/api/paintings/{id}/photos/one?takenAt=2026-10-31T17:00:00Z", Picture(bytes))).StatusCode;
        Assert.Equal(HttpStatusCode.NoContent, await SendAsync(png));
        Assert.Equal(HttpStatusCode.NoContent, await SendAsync(png));
        Assert.Equal(HttpStatusCode.BadRequest, await SendAsync([1, 2, 3]));
        Assert.Single(await service.Get<PhotoResource[]>($"/api/paintings/{id}/photos"));
        Assert.Equal("image/webp", (await service.Client.GetAsync($"/api/paintings/{id}/photos/one")).Content.Headers.ContentType!.MediaType);
        Assert.Equal(HttpStatusCode.NotFound, (await service.Client.GetAsync($"/api/paintings/{id}/photos/two")).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await service.Client.DeleteAsync($"/api/paintings/{id}/photos/one")).StatusCode);
        Assert.Empty(await service.Get<PhotoResource[]>($"/api/paintings/{id}/photos"));
    }

    // Who wants no pictures has none, whoever holds the tablet.
    [Fact]
    public async Task AWearerWhoWantsNoPicturesHasNone()
    {
        var id = await BegunAsync(face: "odalys");
        WearerCard card = new(Consent.Wearer, PhotoUse.None, AgeGroup.Adult, null, DateOnly.FromDateTime(DateTime.UtcNow).AddDays(20));
        using var kept = await service.Send(HttpMethod.Put, "/api/faces/odalys/card", new Save<WearerCard>(0, card));
        byte[] png = Files.Pictures.Png.Of([.. Enumerable.Repeat((byte)200, 4 * 40 * 30)], 40, 30);
        using var refused = await service.Client.PostAsync($"/api/paintings/{id}/photos/two?takenAt=2026-10-31T17:00:00Z", Picture(png));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("wants no pictures", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Empty(await service.Get<PhotoResource[]>($"/api/paintings/{id}/photos"));
        using var gone = await service.Client.DeleteAsync("/api/faces/odalys/card");
    }

    // The picture of a step shows what is on the skin by then, and nothing that was left out.
    [Fact]
    public async Task TheStepsPictureShowsWhatIsOnTheSkin()
    {
        var request = await SealAsync();
        using var planned = await service.Send(HttpMethod.Post, "/api/plan", request);
        var last = (await Service.Read<Core.Plan>(planned)).Steps.Count;
        async Task<byte[]> DrawnAsync(string more)
        {
            using var drawn = await service.Send(HttpMethod.Post, $"/api/plan/step?step={last}&pixels=160{more}", request);
            Assert.Equal(HttpStatusCode.OK, drawn.StatusCode);
            return await drawn.Content.ReadAsByteArrayAsync();
        }

        var all = await DrawnAsync("");
        Assert.Equal(all, await DrawnAsync($"&done={string.Join(',', Enumerable.Range(1, last - 1))}"));
        Assert.NotEqual(all, await DrawnAsync("&done=0"));
        Assert.NotEqual(all, await DrawnAsync($"&without={string.Join(',', request.Look.Parts.Select(p => p.Id))}"));
        Assert.Equal(all, await DrawnAsync("&without=nothing"));
    }
}

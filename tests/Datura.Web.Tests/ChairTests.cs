using System.Net;

namespace Datura.Web.Tests;

/// <summary>Sessions in the chair over the wire: what happened is kept once, however often and from wherever it is sent.</summary>
public sealed class ChairTests(Service service) : IClassFixture<Service>
{
    private static readonly DateTimeOffset Five = new(2026, 10, 31, 17, 0, 0, TimeSpan.Zero);

    private static ChairEvent Event(string device, int number, ChairEventKind kind, string? step = null) => new($"{device}-{number}", device, number, Five.AddSeconds(20 * number), kind, step);

    private async Task<PaintingResource> BegunAsync()
    {
        var look = await service.Get<LookResource>("/api/looks/quay-seal");
        PlanRequest request = new(look.Look, "odalys", "saltmarsh-box", "night-parade");
        using var begun = await service.Send(HttpMethod.Post, $"/api/paintings/of-plan?lookId=quay-seal&revision={look.Revision}&on=2026-10-31", request);
        return await service.Get<PaintingResource>($"/api/paintings/{(await Service.Read<Saved>(begun)).Id}");
    }

    private async Task<ChairEvent[]> SendAsync(string id, params ChairEvent[] events)
    {
        using var answer = await service.Send(HttpMethod.Post, $"/api/paintings/{id}/events", events);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return await Service.Read<ChairEvent[]>(answer);
    }

    [Fact]
    public async Task ASessionTakesItsPlanAlong()
    {
        var painting = (await BegunAsync()).Painting;
        Assert.NotEmpty(painting.Steps);
        Assert.Equal(("night-parade", 45.0), (painting.Setting, painting.SlotMinutes));
        Assert.NotNull(painting.LookRevision);
        Assert.All(painting.Steps, s => Assert.True(s.Seconds > 0 && s.Hand.Contains(' ')));
    }

    // Two devices, cut off now and then, send what they have as often as they like.
    [Fact]
    public async Task WhatHappenedIsKeptOnceFromEveryDevice()
    {
        var session = await BegunAsync();
        var step = session.Painting.Steps[0].Key;
        ChairEvent[] tablet = [Event("tablet", 1, ChairEventKind.Begun), Event("tablet", 2, ChairEventKind.StepDone, step)];
        ChairEvent[] phone = [Event("phone", 1, ChairEventKind.Noted) with { Words = "left ear" }];
        Assert.Equal(2, (await SendAsync(session.Id, tablet)).Length);
        Assert.Equal(3, (await SendAsync(session.Id, [.. phone, .. tablet])).Length);
        await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => SendAsync(session.Id, [.. tablet, .. phone])));
        var all = await service.Get<ChairEvent[]>($"/api/paintings/{session.Id}/events");
        Assert.Equal(["phone-1", "tablet-1", "tablet-2"], all.Select(e => e.Id).Order(StringComparer.Ordinal));
        // The first word stands: an event never changes.
        Assert.Equal("left ear", (await SendAsync(session.Id, phone[0] with { Words = "right ear" })).Single(e => e.Device == "phone").Words);
    }

    [Fact]
    public async Task NonsenseIsRefusedAndNothingOfItKept()
    {
        var session = await BegunAsync();
        foreach (var bad in new[] { Event("tablet", 0, ChairEventKind.Begun), Event("", 1, ChairEventKind.Begun), Event("tablet", 2, ChairEventKind.Noted) with { At = default } })
        {
            using var refused = await service.Send(HttpMethod.Post, $"/api/paintings/{session.Id}/events", new[] { Event("tablet", 1, ChairEventKind.Begun), bad });
            Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        }

        Assert.Empty(await service.Get<ChairEvent[]>($"/api/paintings/{session.Id}/events"));
        using var nobody = await service.Send(HttpMethod.Post, "/api/paintings/no-such-session/events", new[] { Event("tablet", 1, ChairEventKind.Begun) });
        Assert.Equal(HttpStatusCode.NotFound, nobody.StatusCode);
    }

    [Fact]
    public async Task EveryStepHasItsPicture()
    {
        var look = (await service.Get<LookResource>("/api/looks/quay-seal")).Look;
        PlanRequest request = new(look, "odalys", "saltmarsh-box", "night-parade");
        using var drawn = await service.Send(HttpMethod.Post, "/api/plan/step?step=2&pixels=200", request);
        Assert.Equal("image/webp", drawn.Content.Headers.ContentType!.MediaType);
        using var beyond = await service.Send(HttpMethod.Post, "/api/plan/step?step=900", request);
        Assert.Equal(HttpStatusCode.BadRequest, beyond.StatusCode);
    }
}

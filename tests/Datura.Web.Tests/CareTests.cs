using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Datura.Web.Tests;

/// <summary>Wearers' cards, stops, the book and what comes after, over the wire.</summary>
public sealed class CareTests(Service service) : IClassFixture<Service>
{
    private static readonly DateOnly Soon = DateOnly.FromDateTime(DateTime.UtcNow).AddDays(20);

    private static readonly WearerCard Lanolin = new(Consent.Wearer, PhotoUse.None, AgeGroup.Adult, null, Soon) { Allergies = ["wool wax"], DoesNotWant = "nothing on the lips" };

    private async Task<string> FaceAsync(string name = "Somebody Known")
    {
        var face = (await service.Get<FaceResource>("/api/faces/odalys")).Face;
        using var made = await service.Send(HttpMethod.Post, "/api/faces", face with { Id = "", Name = name });
        return (await Service.Read<Saved>(made)).Id;
    }

    private async Task<CardOfFace> KeepAsync(string face, WearerCard card)
    {
        var before = await service.Get<CardOfFace>($"/api/faces/{face}/card");
        using var kept = await service.Send(HttpMethod.Put, $"/api/faces/{face}/card", new Save<WearerCard>(before.Revision, card));
        Assert.Equal(HttpStatusCode.OK, kept.StatusCode);
        return await Service.Read<CardOfFace>(kept);
    }

    private async Task<PlanRequest> BrideAsync(string face) => new((await service.Get<LookResource>("/api/looks/kelp-bride")).Look, face, "saltmarsh-box", "night-parade");

    private async Task<JsonNode> PlanAsync(PlanRequest request) => JsonNode.Parse(await (await service.Send(HttpMethod.Post, "/api/plan", request)).Content.ReadAsStringAsync())!;

    private static JsonNode[] Stops(JsonNode plan) => [.. plan["cautions"]!.AsArray().Where(c => (string)c!["severity"]! == "stop" && c["passed"] is null).Select(c => c!)];

    [Fact]
    public async Task ACardIsBlankThenKeptThenGone()
    {
        var face = await FaceAsync();
        var blank = await service.Get<CardOfFace>($"/api/faces/{face}/card");
        Assert.Equal((0, Consent.NotYet), (blank.Revision, blank.Card.Consent));
        Assert.Equal(1, (await KeepAsync(face, Lanolin)).Revision);
        Assert.Equal(["wool wax"], (await service.Get<CardOfFace>($"/api/faces/{face}/card")).Card.Allergies);
        using var stale = await service.Send(HttpMethod.Put, $"/api/faces/{face}/card", new Save<WearerCard>(0, Lanolin));
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
        using var gone = await service.Client.DeleteAsync($"/api/faces/{face}/card");
        Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
        Assert.Equal(0, (await service.Get<CardOfFace>($"/api/faces/{face}/card")).Revision);
        using var again = await service.Client.DeleteAsync($"/api/faces/{face}/card");
        Assert.Contains("no wearer's card", await again.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(400)]
    public async Task ACardIsKeptForAWhileAndNoLonger(int days)
    {
        var face = await FaceAsync();
        using var refused = await service.Send(HttpMethod.Put, $"/api/faces/{face}/card", new Save<WearerCard>(0, Lanolin with { DeleteOn = DateOnly.FromDateTime(DateTime.UtcNow).AddDays(days) }));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("days from now", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        using var nobody = await service.Send(HttpMethod.Put, "/api/faces/nobody-at-all/card", new Save<WearerCard>(0, Lanolin));
        Assert.Equal(HttpStatusCode.NotFound, nobody.StatusCode);
    }

    // Without a reason there is no sheet; with it there is, and the book keeps the reason.
    [Fact]
    public async Task AStopIsPassedInWordsBeforeASheetIsPrinted()
    {
        var face = await FaceAsync();
        await KeepAsync(face, Lanolin);
        using var refused = await service.Send(HttpMethod.Post, "/api/plan/sheet", await BrideAsync(face));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("in your own words", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        using var chair = await service.Send(HttpMethod.Post, "/api/paintings/of-plan?lookId=kelp-bride&on=2026-11-07&chair=true", await BrideAsync(face));
        Assert.Contains("in your own words", await chair.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        var stops = Stops(await PlanAsync(await BrideAsync(face)));
        PassedStop[] passed = [.. stops.SelectMany(s => s["parts"]!.AsArray().Select(p => new PassedStop(CautionCode.Allergen, (string)p!["id"]!, (string)s["paint"]!, "tested twice, the doctor knows")))];
        await KeepAsync(face, Lanolin with { Passed = passed });
        using var printed = await service.Send(HttpMethod.Post, "/api/plan/sheet", await BrideAsync(face));
        Assert.Equal("application/pdf", printed.Content.Headers.ContentType!.MediaType);
        using var noted = await service.Send(HttpMethod.Post, "/api/paintings/of-plan?lookId=kelp-bride&on=2026-11-07", await BrideAsync(face));
        var entry = await service.Get<PaintingResource>($"/api/paintings/{(await Service.Read<Saved>(noted)).Id}");
        Assert.All(entry.Painting.Passed, p => Assert.Equal("tested twice, the doctor knows", p.Words));
        Assert.Equal(passed.Length, entry.Painting.Passed.Count);
        Assert.Contains(entry.Painting.Paints, p => p is { Paint: "coral", Lot: "C-0911" });
        using var ahead = await service.Send(HttpMethod.Post, "/api/paintings/of-plan?lookId=kelp-bride&on=2999-01-01", await BrideAsync(face));
        Assert.Contains("lies ahead", await ahead.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task ThePaperOfACardIsPrintedFilledOrBlank()
    {
        var face = await FaceAsync();
        await KeepAsync(face, Lanolin);
        foreach (var address in new[] { "", "?paper=Letter", "?blank=true" })
        {
            using var printed = await service.Client.GetAsync($"/api/faces/{face}/card/sheet{address}");
            Assert.Equal("application/pdf", printed.Content.Headers.ContentType!.MediaType);
            Assert.Equal("wearers-card.pdf", printed.Content.Headers.ContentDisposition!.FileName!.Trim('"'));
        }

        using var refused = await service.Client.GetAsync($"/api/faces/{face}/card/sheet?paper=A3");
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
    }

    [Fact]
    public async Task ACaseGivesItsCalendarAndItsFewestThings()
    {
        var run = JsonNode.Parse(await service.Client.GetStringAsync("/api/cases/chapel-run"))!["case"]!;
        using var calendar = await service.Client.PostAsJsonAsync("/api/cases/calendar.ics", run);
        var text = await calendar.Content.ReadAsStringAsync();
        Assert.StartsWith("BEGIN:VCALENDAR", text, StringComparison.Ordinal);
        Assert.Contains("Patch test", text, StringComparison.Ordinal);
        var fewest = JsonNode.Parse(await (await service.Client.PostAsJsonAsync("/api/cases/fewest", run)).Content.ReadAsStringAsync())!;
        Assert.NotEmpty(fewest["tools"]!.AsArray());
        var still = JsonNode.Parse(await service.Client.GetStringAsync("/api/kits/saltmarsh-box/still-paints?face=odalys&setting=night-parade"))!.AsArray();
        Assert.Contains(still, s => (string)s!["look"]! == "quay-seal" && (int)s["faces"]! > 0);
    }

    [Fact]
    public async Task ARemovalCardIsReckonedAndPrinted()
    {
        var card = JsonNode.Parse(await (await service.Send(HttpMethod.Post, "/api/plan/removal", await BrideAsync("odalys"))).Content.ReadAsStringAsync())!;
        Assert.Equal("hands", (string)card["steps"]![0]!["kind"]!);
        using var printed = await service.Send(HttpMethod.Post, "/api/plan/removal/card", await BrideAsync("odalys"));
        Assert.Equal("application/pdf", printed.Content.Headers.ContentType!.MediaType);
    }

    [Fact]
    public async Task APotOpenedAheadIsRefused()
    {
        var kit = await service.Get<WholeKitResource>("/api/kits/booth-eight");
        var bad = kit.Kit with { Paints = [kit.Kit.Paints[0] with { Pot = new(new DateOnly(2999, 1, 1)) }, .. kit.Kit.Paints.Skip(1)] };
        using var refused = await service.Send(HttpMethod.Put, "/api/kits/booth-eight", new Save<Kit>(kit.Revision, bad));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("a day that lies ahead", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal(kit.Revision, (await service.Get<WholeKitResource>("/api/kits/booth-eight")).Revision);
    }
}

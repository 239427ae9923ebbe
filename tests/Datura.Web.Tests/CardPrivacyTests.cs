using System.Net;
using Datura.Store.Accounts;

namespace Datura.Web.Tests;

/// <summary>What a wearer said is minded in the chair and told nowhere else.</summary>
public sealed class CardPrivacyTests(Service service) : IClassFixture<Service>
{
    private static readonly WearerCard Lanolin =
        new(Consent.Wearer, PhotoUse.None, AgeGroup.Adult, null, DateOnly.FromDateTime(DateTime.UtcNow).AddDays(20)) { Allergies = ["wool wax"] };

    // It stops the paint, until it is deleted; files, guests and the studio's file hear nothing of it. What the person may ask for has it all.
    [Fact]
    public async Task WhatAWearerSaidIsMindedInThePlanAndNowhereElse()
    {
        var owner = await Person.JoinedAsync(service, "own", Role.Owner);
        var sitter = (await owner.GetAsync<FaceResource>("/api/faces/odalys")).Face;
        using var added = await owner.SendAsync(HttpMethod.Post, "/api/faces", sitter with { Id = "", Name = "Nobody Whose Name Matters" });
        var face = (await Service.Read<Saved>(added)).Id;
        PlanRequest bride = new((await owner.GetAsync<LookResource>("/api/looks/kelp-bride")).Look, face, "saltmarsh-box", "night-parade");
        async Task<Core.Plan> PlanAsync()
        {
            using var planned = await owner.SendAsync(HttpMethod.Post, "/api/plan", bride);
            return await Service.Read<Core.Plan>(planned);
        }

        Assert.DoesNotContain((await PlanAsync()).Cautions, c => c.Severity == Severity.Stop);
        Assert.Equal(HttpStatusCode.OK, await owner.StatusAsync(HttpMethod.Put, $"/api/faces/{face}/card", new Save<WearerCard>(0, Lanolin)));
        var stop = Assert.Single((await PlanAsync()).Cautions, c => c.Code == CautionCode.Allergen);
        Assert.Equal(("coral", "Lanolin"), (stop.Paint, stop.Names["ingredient"]));

        using var made = await owner.SendAsync(HttpMethod.Post, "/api/guests", new GuestLinkRequest("kelp-bride", face, "saltmarsh-box", "night-parade", 3));
        var guest = Person.New(service);
        await guest.SendAsync(HttpMethod.Post, "/api/session/guest", new TokenRequest((await Service.Read<NewLink>(made)).Path.Split('#')[1]));
        Assert.DoesNotContain((await guest.GetAsync<GuestLook>("/api/guest")).Cautions, c => c.Contains("wool", StringComparison.Ordinal));

        foreach (var file in new[] { $"/api/faces/{face}/file", "/api/looks/kelp-bride/file", $"/api/faces/{face}", "/api/studio/changes" })
        {
            Assert.DoesNotContain("wool wax", await owner.Browser.GetStringAsync(file), StringComparison.Ordinal);
        }

        Assert.Contains("wool wax", await owner.Browser.GetStringAsync($"/api/faces/{face}/everything"), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NoContent, await owner.StatusAsync<object>(HttpMethod.Delete, $"/api/faces/{face}/card", null));
        Assert.DoesNotContain((await PlanAsync()).Cautions, c => c.Severity == Severity.Stop);
        Assert.DoesNotContain("wool wax", await owner.Browser.GetStringAsync($"/api/faces/{face}/everything"), StringComparison.Ordinal);
    }
}

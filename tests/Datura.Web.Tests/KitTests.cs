using System.Net;
using Datura.Core;

namespace Datura.Web.Tests;

public class KitTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task APaintAddedToTheKitCanBePlannedWith()
    {
        var kit = (await service.Get<WholeKitResource>("/api/kits/saltmarsh-box")).Kit;
        var revision = (await service.Get<KitResource[]>("/api/kits"))[0].Revision;
        var gold = kit.Paints[0] with { Id = "brass", Name = "Brass", OverBlack = new(50, 8, 36), OverWhite = new(60, 9, 44) };
        var saved = await service.Send(HttpMethod.Put, "/api/kits/saltmarsh-box", new Save<Kit>(revision, kit with { Paints = [.. kit.Paints, gold] }));
        Assert.Equal(revision + 1, (await Service.Read<Saved>(saved)).Revision);
        var request = await service.DemoRequest();
        var parts = request.Look.Parts.Select(p => p.Kind == "socket" ? p with { Paints = new Dictionary<string, PaintMix> { ["dark"] = new([new("brass", 1)]) } } : p);
        var plan = await Service.Read<Plan>(await service.Send(HttpMethod.Post, "/api/plan", request with { Look = request.Look with { Parts = [.. parts] } }));
        Assert.Contains(plan.Steps, s => s.Paint == "Brass");
    }

    [Fact]
    public async Task ACardThatNoFilmCanGiveIsTakenAndDoubted()
    {
        var kit = (await service.Get<WholeKitResource>("/api/kits/saltmarsh-box")).Kit;
        var odd = kit.Paints[0] with { OverBlack = new(80, 0, 0), OverWhite = new(40, 0, 0) };
        var seen = await Service.Read<PaintOnSkin>(await service.Send(HttpMethod.Post, "/api/kits/try/odalys", odd));
        Assert.Contains("which colour is over black", seen.Card.Doubt!, StringComparison.Ordinal);
        Assert.Null((await Service.Read<PaintOnSkin>(await service.Send(HttpMethod.Post, "/api/kits/try/odalys", kit.Paints[0]))).Card.Doubt);
        var nonsense = await service.Send(HttpMethod.Post, "/api/kits", kit with { Name = "Odd", Paints = [odd with { OverBlack = new(-900, 0, 0) }] });
        Assert.Contains("Check the three numbers", (await Service.Read<Problem>(nonsense)).Detail, StringComparison.Ordinal);
    }

    [Fact]
    public async Task AShorterSlotIsSavedAndNonsenseIsNot()
    {
        var stored = (await service.Get<SettingResource[]>("/api/settings")).First(s => s.Id == "quay-booth");
        var saved = await service.Send(HttpMethod.Put, "/api/settings/quay-booth", new Save<Setting>(stored.Revision, stored.Setting with { SlotMinutes = 3 }));
        Assert.Equal(HttpStatusCode.OK, saved.StatusCode);
        var nonsense = await service.Send(HttpMethod.Put, "/api/settings/quay-booth", new Save<Setting>(stored.Revision + 1, stored.Setting with { SlotMinutes = 0 }));
        Assert.Contains("slotMinutes", (await Service.Read<Problem>(nonsense)).Errors!.Keys);
        Assert.Equal(3, (await service.Get<SettingResource[]>("/api/settings")).First(s => s.Id == "quay-booth").Setting.SlotMinutes);
    }
}

using System.Net;
using System.Text;
using Datura.Core.Order;

namespace Datura.Web.Tests;

/// <summary>How paint behaves, through the service.</summary>
public class CoatTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task DarkSkinNeedsAsManyOrMoreCoatsOfWhite()
    {
        async Task<int> Coats(string face) => (await service.Get<PaintOnSkin[]>($"/api/kits/saltmarsh-box/on/{face}")).First(p => p.Id == "chalk-white").CoatsToHide ?? 9;
        Assert.True(await Coats("bartram") >= await Coats("odalys"));
    }

    [Fact]
    public async Task ARecipeKeepsToWhatMayGoThere()
    {
        var kit = (await service.Get<WholeKitResource>("/api/kits/saltmarsh-box")).Kit;
        var answer = await service.Get<RecipeAnswerResource>("/api/kits/saltmarsh-box/recipe?l=40&a=45&b=25&face=odalys&eyes=true&lips=false&without=coral");
        Assert.All(answer.Best.Shares, s => Assert.True(kit.Paints.First(p => p.Id == s.Paint).NearEyes));
        Assert.DoesNotContain(answer.Best.Shares, s => s.Paint == "coral");
    }

    [Theory]
    [InlineData("/api/kits/saltmarsh-box/recipe?l=400&a=0&b=0&face=odalys", "no such colour")]
    [InlineData("/api/plan/lost?lamp=moonshine", "no lamp called moonshine")]
    [InlineData("/api/plan/fewest?deltaE=0", "between 0.5 and 30")]
    [InlineData("/api/plan/paint?lamp=moonshine", "no lamp called moonshine")]
    public async Task WhatCannotBeIsSaid(string address, string words)
    {
        var answer = address.Contains("/plan/") ? await service.Send(HttpMethod.Post, address, await service.DemoRequest()) : await service.Client.GetAsync(address);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(words, (await Service.Read<Problem>(answer)).Detail);
    }

    [Fact]
    public async Task ACoreStartsOnBareSkin()
    {
        var core = await Post<CoreLayer[]>("/api/plan/core?x=32&y=-8&lamp=red");
        Assert.Equal("bare skin", core[0].Coat);
        Assert.Contains(core, l => l.Part == "Socket");
        Assert.All(core.Skip(1), l => Assert.True(l.FilmUm > 0));
    }

    [Fact]
    public async Task TheLightOfTheSettingIsUsed()
    {
        var setting = (await service.Get<SettingResource[]>("/api/settings")).First(s => s.Id == "night-parade");
        var red = setting.Setting with { Lamps = [new("red", 1)] };
        Assert.Equal(HttpStatusCode.OK, (await service.Send(HttpMethod.Put, "/api/settings/night-parade", new Save<Setting>(setting.Revision, red))).StatusCode);
        var own = await Post<LostPair[]>("/api/plan/lost?lamp=setting");
        var asked = await Post<LostPair[]>("/api/plan/lost?lamp=red");
        Assert.Equal(asked, own);
        var dark = setting.Setting with { Lamps = [new("red", 0)] };
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Send(HttpMethod.Put, "/api/settings/night-parade", new Save<Setting>(setting.Revision + 1, dark))).StatusCode);
    }

    [Fact]
    public async Task AKitGoesOutAsATableAndComesBack()
    {
        var table = await service.Client.GetStringAsync("/api/kits/saltmarsh-box/paints.csv");
        var answer = await service.Client.PostAsync("/api/kits/read-csv", new StringContent(table, Encoding.UTF8, "text/csv"));
        var kit = (await service.Get<WholeKitResource>("/api/kits/saltmarsh-box")).Kit;
        Assert.Equal(kit.Paints, await Service.Read<PaintDescription[]>(answer));
        var bad = await service.Client.PostAsync("/api/kits/read-csv", new StringContent("id,name\n", Encoding.UTF8, "text/csv"));
        Assert.Contains("missing columns", (await Service.Read<Problem>(bad)).Detail);
        Assert.StartsWith("GIMP Palette", await service.Client.GetStringAsync("/api/kits/saltmarsh-box/palette.gpl"));
    }

    private async Task<T> Post<T>(string address) => await Service.Read<T>(await service.Send(HttpMethod.Post, address, await service.DemoRequest()));
}

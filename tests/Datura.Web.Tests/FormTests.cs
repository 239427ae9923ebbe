using System.Net;

namespace Datura.Web.Tests;

/// <summary>Form and palette through the service.</summary>
public class FormTests(Service service) : IClassFixture<Service>
{
    private async Task<PlanRequest> Request(bool form = true)
    {
        var request = await service.DemoRequest();
        return form ? request with { Look = request.Look with { Form = FormWish.Usual } } : request;
    }

    [Fact]
    public async Task TheFormSaysWhatReadsAndWhere()
    {
        var answer = await service.Send(HttpMethod.Post, "/api/plan/form", await Request());
        var form = await Service.Read<FormResource>(answer);
        Assert.True(form.ReadsPainted > form.ReadsBare);
        Assert.NotEmpty(form.Places);
        Assert.All(form.Tones, t => Assert.NotEqual(form.BaseNumber, t.Number));
    }

    [Theory]
    [InlineData("/api/plan/form", "Switch it on first")]
    [InlineData("/api/plan/form/lamp.png", "Switch it on first")]
    [InlineData("/api/plan/form/three.png?distance=10000", "0.2 m and 200 m")]
    public async Task WhatCannotBeIsSaid(string address, string words)
    {
        var answer = await service.Send(HttpMethod.Post, address, await Request(form: address.Contains("distance")));
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(words, (await Service.Read<Problem>(answer)).Detail);
    }

    [Fact]
    public async Task ADraggedLampGivesAPictureThatFollowsIt()
    {
        var request = await Request();
        async Task<byte[]> Under(double azimuth)
        {
            var asked = request with { Look = request.Look with { Form = FormWish.Usual with { Pretended = new(azimuth, 30) } } };
            return await (await service.Send(HttpMethod.Post, "/api/plan/form/lamp.png", asked)).Content.ReadAsByteArrayAsync();
        }

        var (left, again, right) = (await Under(50), await Under(50), await Under(-50));
        Assert.Equal(left, again);
        Assert.NotEqual(left, right);
    }

    [Theory]
    [InlineData(0.05, "in or against the head")]
    [InlineData(9000, "lights the whole face alike")]
    public async Task ALampInTheHeadOrBeyondTheTownIsRefused(double metres, string words)
    {
        var request = await Request();
        var near = request with { Look = request.Look with { Form = FormWish.Usual with { Pretended = new(0, 30, 10, 1, metres) } } };
        var answer = await service.Send(HttpMethod.Post, "/api/plan", near);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(words, await answer.Content.ReadAsStringAsync());
    }

    [Fact]
    public async Task ALampWithoutLightIsRefused()
    {
        var request = await Request();
        var dark = request with { Look = request.Look with { Form = FormWish.Usual with { Pretended = new(0, 0, 10, 0) } } };
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Send(HttpMethod.Post, "/api/plan", dark)).StatusCode);
    }

    [Fact]
    public async Task AFormKeepsThroughAFile()
    {
        var request = await Request();
        var added = await Service.Read<Saved>(await service.Send(HttpMethod.Post, "/api/looks", request.Look with { Name = "Formed" }));
        var back = await service.Get<LookResource>($"/api/looks/{added.Id}");
        Assert.Equal(FormWish.Usual.Pretended.ElevationDeg, back.Look.Form!.Pretended.ElevationDeg);
    }

    [Fact]
    public async Task APhotoGivesAColourAndABurntWhiteAdvice()
    {
        var good = await Service.Read<PhotoAnswer>(await service.Send(HttpMethod.Post, "/api/colours/from-photo", new PhotoSpot([150, 92, 60], [236, 222, 190], null)));
        Assert.InRange(good.Colour.L, 40, 55);
        var burnt = await service.Send(HttpMethod.Post, "/api/colours/from-photo", new PhotoSpot([150, 92, 60], [255, 255, 255], null));
        Assert.Contains("overexposed", (await Service.Read<Problem>(burnt)).Detail);
    }

    [Theory]
    [InlineData("/api/kits/saltmarsh-box/cast?paint=chalk-white&l=400&face=odalys", "between 0 (black) and 100")]
    [InlineData("/api/kits/saltmarsh-box/cast?paint=moon&l=40&face=odalys", "no paint moon")]
    public async Task ACastThatCannotBeIsSaid(string address, string words)
    {
        var answer = await service.Client.GetAsync(address);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains(words, (await Service.Read<Problem>(answer)).Detail);
    }

    [Fact]
    public async Task AWashAndACastComeFromTheKit()
    {
        var wash = await service.Get<WashResource>("/api/kits/saltmarsh-box/wash?l=50&a=15&b=10&face=tamsin");
        Assert.InRange(wash.Share, 0.05, 1);
        var cast = await service.Get<CastResource>("/api/kits/saltmarsh-box/cast?paint=chalk-white&l=75&face=tamsin");
        Assert.True(cast.FilmUm > 0);
    }
}

using System.Net;

namespace Datura.Web.Tests;

public class FaceTests(Service service) : IClassFixture<Service>
{
    [Fact]
    public async Task AFaceIsAddedChangedAndRefusedWhenStale()
    {
        var face = (await service.Get<FaceResource>("/api/faces/tamsin")).Face with { Name = "Understudy" };
        var added = await Service.Read<Saved>(await service.Send(HttpMethod.Post, "/api/faces", face));
        var wider = face with { MeasuresMm = new Dictionary<string, double>(face.MeasuresMm) { ["mouthWidth"] = 57 } };
        var saved = await Service.Read<Saved>(await service.Send(HttpMethod.Put, $"/api/faces/{added.Id}", new Save<Face>(1, wider)));
        Assert.Equal(2, saved.Revision);
        Assert.Equal(57, (await service.Get<BodyResource>($"/api/faces/{added.Id}/body")).MeasuresMm["mouthWidth"]);
        Assert.Equal(HttpStatusCode.Conflict, (await service.Send(HttpMethod.Put, $"/api/faces/{added.Id}", new Save<Face>(1, face))).StatusCode);
    }

    [Fact]
    public async Task ContradictoryMeasuresAreNamed()
    {
        var face = (await service.Get<FaceResource>("/api/faces/odalys")).Face;
        var odd = face with { MeasuresMm = new Dictionary<string, double>(face.MeasuresMm) { ["mouthWidth"] = 84 } };
        var answer = await service.Send(HttpMethod.Put, "/api/faces/odalys", new Save<Face>(1, odd));
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("measuresMm.mouthWidth", (await Service.Read<Problem>(answer)).Errors!.Keys);
        Assert.Equal(face.MeasuresMm, (await service.Get<FaceResource>("/api/faces/odalys")).Face.MeasuresMm);
    }

    [Fact]
    public async Task AGreenSkinIsRefused()
    {
        var face = (await service.Get<FaceResource>("/api/faces/odalys")).Face with { Skin = new Lab(50, -60, 0) };
        var answer = await service.Send(HttpMethod.Post, "/api/faces", face);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("skin", (await Service.Read<Problem>(answer)).Errors!.Keys);
    }

    [Fact]
    public async Task EveryZoneOfTheBodyMakesOffersOrNone()
    {
        var zones = await service.Get<string[]>("/api/zones");
        Assert.Contains("cheek hollow", zones);
        var offers = await service.Get<OfferResource[]>("/api/faces/odalys/offers/cheek%20hollow?kit=saltmarsh-box&setting=night-parade");
        Assert.Contains(offers, o => o.Kind == "cheekHollow" && o.Sizes.Any(s => s.Unit == "mm"));
        Assert.Equal(HttpStatusCode.BadRequest, (await service.Client.GetAsync("/api/faces/odalys/offers/wing?kit=saltmarsh-box&setting=night-parade")).StatusCode);
    }

    [Fact]
    public async Task TheModelIsBinaryGltf()
    {
        var bytes = await service.Client.GetByteArrayAsync("/api/faces/bartram/body.glb");
        Assert.Equal("glTF"u8.ToArray(), bytes[..4]);
    }

    [Fact]
    public async Task EveryMeasureHasItsPicture()
    {
        foreach (var measure in await service.Get<MeasureResource[]>("/api/measures"))
        {
            var answer = await service.Client.GetAsync($"/api/measures/{measure.Id}/picture");
            Assert.Equal("image/png", answer.Content.Headers.ContentType?.MediaType);
        }
    }

    [Fact]
    public async Task EveryKindOfTheLibraryHasItsPictureAndCanBeHung()
    {
        var kinds = await service.Get<KindResource[]>("/api/kinds");
        Assert.True(kinds.Length >= 45);
        foreach (var kind in kinds)
        {
            var picture = await service.Client.GetAsync($"/api/kinds/{kind.Id}/picture?kit=saltmarsh-box");
            Assert.Equal("image/webp", picture.Content.Headers.ContentType?.MediaType);
            var offer = await service.Get<OfferResource>($"/api/faces/tamsin/parts/{kind.Id}?kit=saltmarsh-box&setting=night-parade");
            Assert.NotEmpty(offer.Sizes);
        }
    }
}

using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Datura.Documents;
using SkiaSharp;

namespace Datura.Web.Tests;

/// <summary>Pictures to work after: kept in the studio with everything else of it, and lines traced over them.</summary>
public sealed class ReferenceTests(Service service) : IClassFixture<Service>
{
    private static byte[] Drawing(int side = 300, SKEncodedImageFormat format = SKEncodedImageFormat.Png)
    {
        using var bitmap = new SKBitmap(side, side);
        bitmap.Erase(new SKColor(90, 140, 70));
        using var data = bitmap.Encode(format, 90);
        return data.ToArray();
    }

    private async Task<HttpResponseMessage> Bring(byte[] file, string name = "Tide mark")
    {
        using var body = new ByteArrayContent(file) { Headers = { ContentType = new MediaTypeHeaderValue("image/png") } };
        return await service.Client.PostAsync($"/api/references/from-picture?name={Uri.EscapeDataString(name)}", body);
    }

    private static async Task<string> Detail(HttpResponseMessage answer)
    {
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        return (await Service.Read<Problem>(answer)).Detail!;
    }

    [Fact]
    public async Task APictureIsKeptAndShown()
    {
        var saved = await Service.Read<Saved>(await Bring(Drawing()));
        // It may show a person: nothing that a link or a log shows is made of its name.
        Assert.DoesNotContain("tide", saved.Id, StringComparison.OrdinalIgnoreCase);
        var shown = await service.Client.GetAsync($"/api/references/{saved.Id}/picture");
        Assert.Equal("image/webp", shown.Content.Headers.ContentType!.MediaType);
        using var picture = SKBitmap.Decode(await shown.Content.ReadAsByteArrayAsync());
        Assert.Equal(300, picture.Width);
        Assert.InRange(picture.GetPixel(150, 150).Green, 130, 150);
        Assert.Contains(await service.Get<Store.DocumentHead[]>("/api/references/find"), r => r.Id == saved.Id && r.Name == "Tide mark");
        // A list is no place for pixels.
        Assert.DoesNotContain("base64", await service.Client.GetStringAsync("/api/references"), StringComparison.Ordinal);
        Assert.True((await service.Client.GetStringAsync("/api/references")).Length < 4000);
    }

    [Fact]
    public async Task WhatIsNoPictureIsRefusedWithASentence()
    {
        Assert.Contains("is no picture that can be read", await Detail(await Bring("<svg/>"u8.ToArray())), StringComparison.Ordinal);
        Assert.Contains("is no picture that can be read", await Detail(await Bring([])), StringComparison.Ordinal);
        Assert.Contains("name of up to", await Detail(await Bring(Drawing(), " ")), StringComparison.Ordinal);
        Assert.Contains("name", await Detail(await Bring(Drawing(), "a\nb")), StringComparison.OrdinalIgnoreCase);
        var page = new ReferencePicture("Page", "<html><script>"u8.ToArray());
        Assert.Contains("is no picture", await Detail(await service.Client.PostAsJsonAsync("/api/references", page)), StringComparison.Ordinal);
    }

    [Fact]
    public async Task APinIsKeptWithTheLookAndNonsenseIsNot()
    {
        var look = await service.DemoLook("kelp-bride");
        var pin = Assert.Single(look.References);
        Assert.Equal(HttpStatusCode.OK, (await service.Client.GetAsync($"/api/references/{pin.Reference}/picture")).StatusCode);
        foreach (var wrong in new[] { pin with { SizePercent = 9000 }, pin with { TurnDeg = -200 }, pin with { Reference = " " } })
        {
            Assert.Contains("pinned", await Detail(await service.Send(HttpMethod.Post, "/api/looks", look with { References = [wrong] })), StringComparison.Ordinal);
        }

        Assert.Contains("each once", await Detail(await service.Send(HttpMethod.Post, "/api/looks", look with { References = [pin, pin with { Mirrored = true }] })), StringComparison.Ordinal);
    }

    // Brought into a studio where another picture has its id, a look still has its own picture pinned.
    [Fact]
    public async Task AStudiosFileCarriesThePicturesAndWhatIsPinned()
    {
        var picture = new ReferencePicture("Hull plan", Drawing(40)) { Notes = "From the yard." };
        var look = (await service.DemoLook("kelp-bride")) with { Name = "Plan bearer", References = [new("frond-sketch", 150, 20, true)] };
        var file = StudioFile.Write([
            new(DocumentTypes.Reference, "frond-sketch", DocumentTypes.Reference.WriteFile(picture)), new(DocumentTypes.Look, "plan-bearer", DocumentTypes.Look.WriteFile(look))]);
        using var body = new ByteArrayContent(file) { Headers = { ContentType = new MediaTypeHeaderValue("application/zip") } };
        var brought = await Service.Read<BroughtIn>(await service.Client.PostAsync("/api/studio/file", body));
        var pinned = Assert.Single((await service.DemoLook(brought.Added.Single(d => d.Kind == "look").Id)).References);
        Assert.NotEqual("frond-sketch", pinned.Reference);
        Assert.Equal((150, 20, true), (pinned.SizePercent, pinned.TurnDeg, pinned.Mirrored));
        var kept = await service.Client.GetByteArrayAsync($"/api/references/{pinned.Reference}/picture");
        Assert.Equal(picture.Picture, kept);
    }

    [Fact]
    public async Task ATracedLineIsAnOwnLineOnTheFace()
    {
        object Trace(double x) => new
        {
            landmarks = new[] { new { at = "exocanthion_right", x = 100.0, y = 100.0 }, new { at = "exocanthion_left", x = 300.0, y = 100.0 }, new { at = "mouth_line", x = 200.0, y = 260.0 } },
            points = new[] { 280, 130, 290, 180, x, 230 },
        };
        var answer = await service.Client.PostAsJsonAsync("/api/faces/odalys/traced", Trace(260));
        var line = await Service.Read<OwnDrawing>(answer);
        Assert.Equal(3, line.Points.Count);
        // Below the eye on the wearer's left, downwards.
        Assert.All(line.Points, p => Assert.InRange(p.XMm, 10, 60));
        Assert.True(line.Points[0].YMm > line.Points[1].YMm && line.Points[1].YMm > line.Points[2].YMm);
        Assert.Contains("Point 3", await Detail(await service.Client.PostAsJsonAsync("/api/faces/odalys/traced", Trace(4000))), StringComparison.Ordinal);
        Assert.Contains("2 to", await Detail(await service.Client.PostAsJsonAsync("/api/faces/odalys/traced", new { landmarks = Array.Empty<object>(), points = new[] { 1.0 } })), StringComparison.Ordinal);
    }

    [Fact]
    public async Task ACrewsSheetShowsThePicturesOfItsCharacterAndDoesWithoutThoseThatAreGone()
    {
        var character = JsonNode.Parse(await service.Client.GetStringAsync("/api/characters/barnacle-saints"))!["character"]!;
        character["references"] = new JsonArray("barnacle-sketch", "gone-long-ago");
        var answer = await service.Client.PostAsJsonAsync("/api/characters/sheet", new { character, settingId = "night-parade" });
        using var pdf = UglyToad.PdfPig.PdfDocument.Open(await answer.Content.ReadAsByteArrayAsync());
        Assert.Contains("Barnacle sketch", string.Join(' ', pdf.GetPage(1).GetWords().Select(w => w.Text)), StringComparison.Ordinal);
        Assert.Equal(1 + character["wearers"]!.AsArray().Count, pdf.GetPage(1).GetImages().Count());
    }

    // IEC 61966-2-1: mid grey of a screen is L* 53.6; without a white beside it, nothing else is known of it.
    [Fact]
    public async Task AColourOffADrawingIsAsAScreenShowsIt()
    {
        var grey = await Service.Read<PhotoAnswer>(await service.Client.PostAsJsonAsync("/api/colours/from-photo", new { spot = new[] { 128.0, 128, 128 }, white = (double[]?)null, whiteReflectance = (double?)null }));
        Assert.Equal("#808080", grey.Hex);
        Assert.InRange(grey.Colour.L, 53.5, 53.7);
        Assert.InRange(Math.Abs(grey.Colour.A) + Math.Abs(grey.Colour.B), 0, 0.2);
    }
}

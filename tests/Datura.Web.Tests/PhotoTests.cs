using System.Net;
using System.Net.Http.Json;
using Datura.Core.Body;
using Datura.Core.Photos;
using Datura.Web.Accounts;
using SkiaSharp;

namespace Datura.Web.Tests;

/// <summary>Faces measured and looked over by points and colours; kept pictures are sealed.</summary>
public class PhotoTests(Service service) : IClassFixture<Service>
{
    private static readonly PhotoCamera Front = new(new(1050, 1400, 1600), CameraPose.Of(0, 2, -2, 620, 4, 10));

    // As the demo's wearer is kept.
    private static readonly SkinGrid Skin = FittedBody.For(new Dictionary<string, double>
    {
        ["faceHeight"] = 171,
        ["lowerFaceHeight"] = 110,
        ["faceWidth"] = 131,
        ["outerEyeDistance"] = 86,
        ["mouthWidth"] = 49,
        ["neckGirth"] = 322,
        ["shoulderWidth"] = 358,
    }).Skin;

    private static FacePhoto PhotoOf(PhotoCamera camera) => new(1050, 1400,
        [
            .. PhotoPlaces.All.Where(p => p.Number is not null && camera.Facing(Skin.Position(p.At), Skin.Normal(p.At)) > 0.15)
                .Select(p => (p.Name, Drawn: camera.Draw(Skin.Position(p.At)))).Select(p => new SeenPoint(p.Name, p.Drawn.X, p.Drawn.Y)),
        ],
        camera.Lens.FocalPx);

    private async Task<PlanRequest> PlanAsync() => new((await service.Get<LookResource>("/api/looks/drowned-lamp-keeper")).Look, "odalys", "saltmarsh-box", "night-parade");

    [Fact]
    public async Task APhotoOfTheDemosWearerGivesItsFaceBack()
    {
        var side = Front with { Pose = CameraPose.Of(60, 0, 0, 620) };
        var found = await Service.Read<MeasuredFaceResource>(await service.Send(HttpMethod.Post, "/api/photos/measure", new MeasureRequest([PhotoOf(Front), PhotoOf(side)])));
        Assert.True(found.Measures.Count(m => m.Taken) > 10);
        Assert.Equal(60, found.Photos[1].TurnDeg, 2.0);
        Assert.Contains(found.Notes, n => n.Contains("bank card", StringComparison.Ordinal));
        Assert.Contains("cheek", found.Photos[0].Skin.Keys);
        var places = await service.Get<PhotoPlaceResource[]>("/api/photos/places");
        Assert.All(places, p => Assert.NotEmpty(p.Words));
        Assert.Contains(places, p => p is { Name: "trichion", Number: null, Named: true });
    }

    [Fact]
    public async Task AFinishedFaceIsLookedOverByTheColoursThatWereAskedFor()
    {
        var plan = await PlanAsync();
        var photo = PhotoOf(Front);
        var asked = Assert.Single(await Service.Read<ReviewAsked[]>(await service.Send(HttpMethod.Post, "/api/photos/ask", new ReviewRequest(plan, [photo]))));
        var planned = await service.Client.PostAsJsonAsync("/api/photos/planned", new PlannedPhotoRequest(plan, photo), Documents.DaturaJson.Compact);
        Assert.Equal("image/webp", planned.Content.Headers.ContentType!.MediaType);
        // The plan as the camera would have taken it comes out as planned.
        using var taken = SKBitmap.Decode(await planned.Content.ReadAsByteArrayAsync());
        byte[] colours = [.. asked.Px.Chunk(2).Select(p => p[0] < 0 ? SKColors.Black : taken.GetPixel((int)Math.Round(p[0]), (int)Math.Round(p[1]))).SelectMany(c => new[] { c.Red, c.Green, c.Blue })];
        async Task<HttpResponseMessage> ReviewAsync(byte[] with, string? character = null) =>
            await service.Send(HttpMethod.Post, "/api/photos/review", new ReviewAnswer(plan, [new(photo, with, [215, 215, 215])], character));
        var review = await Service.Read<ReviewResource>(await ReviewAsync(colours));
        Assert.True(review.WhiteKnown, await (await ReviewAsync(colours)).Content.ReadAsStringAsync());
        Assert.True(review.Figures.Count > 4, $"{review.Figures.Count}");
        Assert.True(review.Findings.Count < 2, string.Join(" / ", review.Findings.Select(f => f.Words)));
        var crew = await Service.Read<ReviewResource>(await ReviewAsync(colours, "barnacle-saints"));
        Assert.True(crew.RulesKept + crew.Rules.Count > 0);
        using var torn = await ReviewAsync(colours[..30]);
        Assert.Equal(HttpStatusCode.BadRequest, torn.StatusCode);
        Assert.Contains("do not go with the places", await torn.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        var laid = await Service.Read<PhotoOnSkin>(await service.Send(HttpMethod.Post, "/api/photos/on-skin", new PlannedPhotoRequest(plan, photo)));
        Assert.Equal(laid.Columns * laid.Rows, laid.Facing.Count);
        Assert.True(laid.Facing.Count(f => f > 50) > laid.Facing.Count / 4);
    }

    // The photo that is wrong is named by its number.
    [Fact]
    public async Task WhichPhotoIsWrongIsSaid()
    {
        var plan = await PlanAsync();
        var photo = PhotoOf(Front);
        var few = photo with { Points = [.. photo.Points.Take(3)] };
        using var refused = await service.Send(HttpMethod.Post, "/api/photos/ask", new ReviewRequest(plan, [photo, few]));
        Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
        Assert.Contains("In photo 2", await refused.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        using var none = await service.Send(HttpMethod.Post, "/api/photos/measure", new MeasureRequest([]));
        Assert.Equal(HttpStatusCode.BadRequest, none.StatusCode);
    }

    [Fact]
    public void ASealedPhotoOpensAgainAndNothingElseDoes()
    {
        var seal = service.Inside<PhotoSeal>();
        byte[] picture = [.. "RIFF"u8, 1, 2, 3, 4, 5, 6, 7, 8];
        var kept = seal.Sealed(picture);
        Assert.Equal(picture, seal.Opened(kept));
        Assert.True(kept.AsSpan().IndexOf(picture.AsSpan(4)) < 0);
        Assert.Equal(picture, seal.Opened(picture));
        kept[^1] ^= 1;
        Assert.Null(seal.Opened(kept));
    }

    // The keys are of no use without the file that is not in the database.
    [Fact]
    public void AKeyFileSealsTheKeysAndIsItsOwnersAlone()
    {
        var path = Path.Combine(Path.GetTempPath(), $"datura-{Guid.NewGuid():N}", "service.key");
        var sealedKey = new KeyFile(path).Encrypt(new("key", "tide"));
        Assert.DoesNotContain("tide", sealedKey.EncryptedElement.ToString(), StringComparison.Ordinal);
        Assert.Equal("tide", KeyFile.Open(path, sealedKey.EncryptedElement.Value).Value);
        Assert.True(OperatingSystem.IsWindows() || File.GetUnixFileMode(path) == (UnixFileMode.UserRead | UnixFileMode.UserWrite));
        File.WriteAllBytes(path, new byte[KeyFile.KeyBytes]);
        Assert.ThrowsAny<System.Security.Cryptography.CryptographicException>(() => KeyFile.Open(path, sealedKey.EncryptedElement.Value));
        Directory.Delete(Path.GetDirectoryName(path)!, recursive: true);
    }
}

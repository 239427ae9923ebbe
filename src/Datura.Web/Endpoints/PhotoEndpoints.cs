using Datura.Core.Body;
using Datura.Core.Photos;
using Datura.Core.Review;
using Datura.Documents;
using Datura.Files.Photos;
using Datura.Files.Pictures;
using Datura.Web.Computing;
using SkiaSharp;

namespace Datura.Web;

/// <summary>Faces measured, and finished faces looked over, from what was found in photos. Points and colours come here, pictures do not.</summary>
public static class PhotoEndpoints
{
    private const double SkinStepMm = 4;
    private const double SkinHalfMm = 132;
    private const double SkinTopMm = 108;
    private const double SkinLowMm = -132;
    private const int MostPlannedPx = 2000;
    private const int PlannedQuality = 90;

    public static void MapPhotos(this IEndpointRouteBuilder routes)
    {
        routes.MapWords<IReadOnlyList<PhotoPlaceResource>>("/api/photos/places", () =>
            [.. PhotoPlaces.All.Select(p => new PhotoPlaceResource(p.Name, p.Number, PhotoWords.Of(p.Name), NamedPlaces.All.ContainsKey(new(p.Name)), p.SpreadMm, FittedBody.Reference.Skin.Position(p.At)))])
            .Called("listPhotoPlaces", "Places of anatomy that are looked for in photos.").WithTags("Photos");
        var photos = routes.MapGroup("/api/photos").WithTags("Photos").ProducesProblem(400).ProducesProblem(404).Computes();
        photos.MapPost("/measure", (MeasureRequest request) =>
        {
            var found = FaceFromPhotos.Of(request.Photos);
            return TypedResults.Ok(new MeasuredFaceResource(
                [.. found.Measures.Select(Of)], [.. found.Photos.Select(p => PhotoPoseResource.Of(p, SkinSpots.In(p)))], Math.Round(found.Years, 1), [.. found.Notes.Select(n => n.Sentence)]));
        }).Called("measureFace", "Measures of a face from points of photos, each with how far it may be off.");
        photos.MapPost("/ask", async (ReviewRequest request, PlanService plans, CancellationToken cancel) =>
        {
            var look = await plans.PlanAsync(request.Plan, cancel);
            var figures = ReviewFigures.Of(look);
            return TypedResults.Ok((IReadOnlyList<ReviewAsked>)[.. Numbered(request.Photos, p => ReviewPlaces.Of(look, figures, p)).Select(p => new ReviewAsked(PhotoPoseResource.Of(p.Seen.Pose), p.Px))]);
        }).Called("askColours", "Where in photos of a finished face colours are wanted.");
        photos.MapPost("/review", async (ReviewAnswer answer, PlanService plans, Library library, CancellationToken cancel) =>
        {
            var look = await plans.PlanAsync(answer.Plan, cancel);
            var figures = ReviewFigures.Of(look);
            var photosOf = answer.Photos ?? [];
            var places = Numbered([.. photosOf.Select(p => p.Photo)], p => ReviewPlaces.Of(look, figures, p));
            var review = PhotoReview.Of(look, figures, places, photosOf);
            var (broken, kept) = answer.CharacterId is { } id ? await RulesAsync(id, answer.Plan, review, plans, library, cancel) : ([], 0);
            return TypedResults.Ok(new ReviewResource(
                [.. review.Findings.Select(f => Of(f, places))], [.. review.Figures.Where(f => f.Figure.PartId != ReviewFigures.BareSkin && (f.Shift is not null || f.Colour is not null)).Select(Of)],
                review.WhiteKnown, broken, kept));
        }).Called("reviewFace", "A finished face beside its plan, and left beside right.");
        photos.MapPost("/planned", async (PlannedPhotoRequest request, PlanService plans, CancellationToken cancel) =>
        {
            var look = await plans.PlanAsync(request.Plan, cancel);
            if (request.Photo is null || !(Math.Max(request.Photo.WidthPx, request.Photo.HeightPx) <= MostPlannedPx))
            {
                throw new InputException("photo", ProblemCode.PhotoSize, ("photo", 1));
            }

            var taken = new SimulatedCamera(SeenBody.Of(look.Body, request.Photo).Pose.Camera, CameraLamp.Studio) { Noise = 0, Jpeg = 0 }.Take(look);
            return TypedResults.File(SimulatedCamera.Encoded(taken.Rgba, taken.Width, taken.Height, SKEncodedImageFormat.Webp, PlannedQuality), WebP.MediaType);
        }).Called("drawPlannedPhoto", "The face as planned, as the photo's camera would have taken it.").Gives(WebP.MediaType);
        photos.MapPost("/on-skin", async (PlannedPhotoRequest request, PlanService plans, CancellationToken cancel) =>
        {
            var look = await plans.PlanAsync(request.Plan, cancel);
            var seen = SeenBody.Of(look.Body, request.Photo);
            var (columns, rows) = ((int)(2 * SkinHalfMm / SkinStepMm) + 1, (int)((SkinTopMm - SkinLowMm) / SkinStepMm) + 1);
            var at = Enumerable.Range(0, rows).SelectMany(r => Enumerable.Range(0, columns).Select(c => seen.At(new(c * SkinStepMm - SkinHalfMm, SkinTopMm - r * SkinStepMm)))).ToArray();
            return TypedResults.Ok(new PhotoOnSkin(
                -SkinHalfMm, SkinTopMm, SkinStepMm, columns, rows, [.. at.SelectMany(a => new[] { Math.Round(a.X, 1), Math.Round(a.Y, 1) })], [.. at.Select(a => (int)Math.Round(100 * Math.Max(0, a.Facing)))]));
        }).Called("layPhotoOnSkin", "Where every place of the skin lies in a photo.");
    }

    // Which photo is wrong is said by its number.
    private static IReadOnlyList<ReviewPlaces> Numbered(IReadOnlyList<FacePhoto>? photos, Func<FacePhoto, ReviewPlaces> of)
    {
        if (photos is not { Count: >= 1 and <= FacePhoto.MostPhotos })
        {
            throw new InputException("photos", ProblemCode.PhotoCount, ("most", FacePhoto.MostPhotos));
        }

        var all = new List<ReviewPlaces>();
        foreach (var photo in photos)
        {
            try
            {
                all.Add(of(photo));
            }
            catch (InputException wrong)
            {
                throw new InputException(wrong.Problem with
                {
                    Field = $"photos[{all.Count}]",
                    Values = new Dictionary<string, object>(wrong.Problem.Values) { ["photo"] = all.Count + 1 },
                });
            }
        }

        return all;
    }

    private static async Task<(IReadOnlyList<string> Broken, int Kept)> RulesAsync(
        string id, PlanRequest request, PhotoReview review, PlanService plans, Library library, CancellationToken cancel)
    {
        var character = await library.GetAsync(DocumentTypes.Character, id, cancel);
        var painted = AsPainted.Of(request.Look, review);
        var planned = await plans.PlanAsync(request with { Look = painted }, cancel);
        var kit = await plans.KitAsync(request, cancel);
        return AsPainted.Held(character, painted, planned, kit, review);
    }

    private static PhotoMeasureResource Of(PhotoMeasure m) =>
        Measures.Find(m.Id) is { } measure ? new(m.Id, measure.Label, measure.Group, Math.Round(m.Mm, 1), Math.Round(m.EightOfTenMm, 1), m.Taken, measure.Instrument) : throw new ArgumentException(m.Id);

    private static ReviewFigureResource Of(ReviewedFigure f) => new(
        f.Figure.PartId, f.Figure.Label, f.Figure.Side, Rounded(f.Shift?.OutMm), Rounded(f.Shift?.UpMm), Rounded(f.Shift is { } s ? PhotoMeasure.EightOfTen * Math.Max(s.SdOutMm, s.SdUpMm) : null),
        Rounded(100 * f.Shift?.Larger), Rounded(f.Shift?.TurnedDeg), Rounded(f.Colour?.DeltaE), f.Colour is { } c ? Srgb.From(c.Planned).Hex : null, f.Colour is { } d ? Srgb.From(d.Seen).Hex : null);

    private static double? Rounded(double? value) => value is { } v ? Math.Round(v, 1) : null;

    private static ReviewFindingResource Of(ReviewFinding f, IReadOnlyList<ReviewPlaces> places) => new(
        f.Kind, f.PartId, f.Side, f.Words, f.Mending, f.MendingMinutes, Math.Round(f.At.XMm, 1), Math.Round(f.At.YMm, 1),
        [.. places.SelectMany(p => p.Seen.At(f.At) is { Facing: > 0 } at ? new[] { Math.Round(at.X), Math.Round(at.Y) } : [-1, -1])]);
}

using System.ComponentModel.DataAnnotations;
using System.Text.Json;
using Datura.Core.After;
using Datura.Core.Chair;
using Datura.Documents;
using Datura.Store;
using Datura.Web.Computing;
using Datura.Store.Accounts;
using Datura.Web.Accounts;

namespace Datura.Web;

/// <summary>The book: who was painted when, with which pots, and how the skin took it.</summary>
public static class PaintingEndpoints
{
    // Of one session: begun, a few on the way, finished.
    private const int MostPhotos = 24;

    public static void MapPaintings(this IEndpointRouteBuilder routes)
    {
        var paintings = routes.MapDocuments(DocumentTypes.Painting, Of, Of);
        paintings.MapPost("/of-plan", async (
            PlanRequest request, string lookId, DateOnly on, [Range(1, 1_000_000_000)] int? revision, bool? chair, string? painter, string? second,
            string? only, Library library, PlanService plans, WearerCards cards, CancellationToken cancel) =>
        {
            SoundBody.CheckText(lookId, "lookId", Limits.LongestName);
            SoundBody.CheckText(painter ?? "", "painter", Limits.LongestName);
            SoundBody.CheckText(second ?? "", "second", Limits.LongestName);
            string[]? parts = only is { Length: > 0 } ? only.Split(',') : null;
            var (planned, kit) = (await plans.PlanAsync(request, cancel), await plans.KitAsync(request, cancel));
            if (chair == true)
            {
                StopsPassed.Check(planned.Plan);
            }

            var card = (await cards.FindAsync(request.FaceId, cancel))?.Card;
            var painting = PaintingCheck.Of(planned, lookId, request.FaceId, kit, on, [.. request.Look.Passed, .. card?.Passed ?? []], parts) with
            {
                Setting = request.SettingId,
                LookRevision = revision,
                Painter = Named(painter),
                SecondPainter = Named(second),
                Confidence = (await plans.SettingAsync(request, cancel)).Confidence,
                Ways = chair == true && parts is null ? await plans.WaysAsync(request, cancel) : [],
            };
            if (chair == true && painting.Steps.Count == 0)
            {
                throw new InputException("only", ProblemCode.NoCoats);
            }

            var saved = await library.AddAsync(DocumentTypes.Painting, painting, cancel: cancel);
            return TypedResults.Created($"/api/paintings/{saved.Id}", saved);
        })
            .Computes().For(Role.Painter).Called("addPaintingOfPlan", "Notes in the book that a planned look was painted: with which pots, and which stops were passed. On the way into the chair it is refused while a stop is open.");
        MapChair(paintings);
        MapPhotos(paintings);
    }

    private static string? Named(string? painter) => string.IsNullOrWhiteSpace(painter) ? null : painter.Trim();

    private static void MapPhotos(RouteGroupBuilder paintings)
    {
        paintings.MapGet("/{id}/photos", async (string id, Library library, SessionPhotoStore photos, CancellationToken cancel) =>
        {
            _ = await library.GetAsync(DocumentTypes.Painting, id, cancel);
            return TypedResults.Ok((IReadOnlyList<PhotoResource>)[.. (await photos.AllAsync(id, cancel)).Select(p => new PhotoResource(p.Id, p.TakenAt))]);
        }).Called("listPaintingPhotos", "Photos taken while somebody was painted, in their order.");
        paintings.MapGet("/{id}/photos/{photo}", async (string id, string photo, SessionPhotoStore photos, PhotoSeal seal, HttpContext context, CancellationToken cancel) =>
            await photos.PictureAsync(id, photo, cancel) is { } kept && seal.Opened(kept) is { } picture ? Kept.File(picture, "image/webp", context) : throw new MissingDocumentException("photo", photo))
            .Called("showPaintingPhoto", "The photo itself.").Gives("image/webp");
        paintings.MapPost("/{id}/photos/{photo}", async (string id, string photo, DateTimeOffset takenAt, HttpRequest request, Library library, WearerCards cards, SessionPhotoStore photos, PhotoSeal seal, CancellationToken cancel) =>
        {
            SoundBody.CheckText(photo, "photo", ChairEvent.LongestId);
            if ((await library.GetAsync(DocumentTypes.Painting, id, cancel)).Face is { } face && (await cards.FindAsync(face, cancel))?.Card.Photos == PhotoUse.None)
            {
                throw new InputException("photo", ProblemCode.NoPhotosWanted);
            }

            using var bytes = new MemoryStream();
            await request.Body.CopyToAsync(bytes, cancel);
            if (!await photos.AddAsync(id, photo, takenAt, seal.Sealed(Files.Pictures.PictureToKeep.Of(bytes.ToArray(), photo)), MostPhotos, cancel))
            {
                throw new InputException("photo", ProblemCode.SessionPhotos, ("most", MostPhotos));
            }

            return TypedResults.NoContent();
        })
            .Accepts<byte[]>("image/png", "image/jpeg", "image/webp", "application/octet-stream").Computes().InBatch().For(Role.Painter)
            .Called("addPaintingPhoto", "Keeps a photo under an id of the device's own, once, without what the camera wrote into it.");
        paintings.MapDelete("/{id}/photos/{photo}", async (string id, string photo, SessionPhotoStore photos, CancellationToken cancel) =>
        {
            await photos.DeleteAsync(id, photo, cancel);
            return TypedResults.NoContent();
        }).For(Role.Painter).Called("removePaintingPhoto", "Deletes a photo at once.");
    }

    private static void MapChair(RouteGroupBuilder paintings)
    {
        paintings.MapGet("/{id}/events", async (string id, Library library, ChairEventStore events, CancellationToken cancel) =>
        {
            _ = await library.GetAsync(DocumentTypes.Painting, id, cancel);
            return TypedResults.Ok(await AllAsync(id, events, cancel));
        }).Called("listPaintingEvents", "What happened in the chair, in one order for everybody.");
        paintings.MapPost("/{id}/events", async (string id, ChairEvent[] happened, ChairEventStore events, ChairRoom room, Caller caller, CancellationToken cancel) =>
        {
            ChairCheck.Check(happened);
            if (await events.AddAsync(id, [.. happened.Select(e => (e.Id, JsonSerializer.Serialize(e, DaturaJson.Compact)))], ChairEvent.Most, cancel) is null)
            {
                throw new InputException("events", ProblemCode.ChairEvents, ("most", ChairEvent.Most));
            }

            await room.TellAsync(caller.Studio!, id, cancel);
            return TypedResults.Ok(await AllAsync(id, events, cancel));
        }).Called("addPaintingEvents", "Adds what happened in the chair; what is there already stays once. Gives all of it back.");
    }

    private static async Task<IReadOnlyList<ChairEvent>> AllAsync(string id, ChairEventStore events, CancellationToken cancel) =>
        LearnedBooks.Read(await events.AllAsync(id, cancel));

    private static PaintingResource Of(StoredDocument stored) => new(stored.Id, stored.Revision, Library.Document(DocumentTypes.Painting, stored));
}

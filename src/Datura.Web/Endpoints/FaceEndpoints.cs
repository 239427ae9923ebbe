using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Shapes;
using Datura.Documents;
using Datura.Files.Models;
using Datura.Files.Pictures;
using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;
using NetTopologySuite.Geometries;

namespace Datura.Web;

/// <summary>Faces, their bodies and pictures.</summary>
public static class FaceEndpoints
{
    private const int StretchPixels = 512;

    public static void MapFaces(this IEndpointRouteBuilder routes)
    {
        var faces = routes.MapDocuments(DocumentTypes.Face, Resource, Resource);
        faces.MapGet("/{id}/body", async (string id, Library library, PlanService plans, CancellationToken cancel) =>
        {
            var body = await plans.BodyAsync((await library.FaceAsync(id, cancel)).MeasuresMm, cancel);
            return TypedResults.Ok(new BodyResource(
                ChartWindow.SideMm, ChartWindow.TopMm, Math.Round(body.Chart.YRange.Low, 1), body.MeasuresMm, [.. body.Estimated], body.LandmarksOnChart.ToDictionary(l => l.Key.Id, l => l.Value),
                body.ZoneOutlines.ToDictionary(z => z.Key.Name(), z => Rings(z.Value))));
        })
            .Computes()
            .Called("readBody", "The body of a face for pointing: landmarks and zones.");
        faces.MapGet("/{id}/everything", async (
            string id, bool? photos, DocumentStore store, LearnedBooks books, SessionPhotoStore kept, PhotoSeal seal, WearerCards cards, MemberStore members, Caller caller, HttpContext context, CancellationToken cancel) =>
        {
            var sessions = (await books.SessionsAsync(cancel)).Where(s => s.Painting.Face == id).ToArray();
            var taken = new List<PersonPhoto>();
            // Pictures go along only when they are asked for.
            foreach (var session in photos == true ? sessions : [])
            {
                foreach (var photo in await kept.AllAsync(session.Id, cancel))
                {
                    var picture = await kept.PictureAsync(session.Id, photo.Id, cancel);
                    taken.Add(new(session.Id, photo.Id, photo.TakenAt, picture is null ? [] : seal.Opened(picture) ?? []));
                }
            }

            var saves = await store.HistoryAsync(DocumentTypes.Face.Name, id, cancel);
            var links = (await members.GuestLinksAsync(caller.Studio!, cancel)).Where(l => l.FaceId == id);
            context.Response.Headers.ContentDisposition = $"attachment; filename=\"{Slug.Of(id)}-everything.json\"";
            return TypedResults.Ok(new PersonData(
                id, [.. saves.Select(s => new SavedFace(s.Head.Revision, s.Head.SavedAt, Library.Document(DocumentTypes.Face, new(id, "", s.Head.Revision, s.Body))))],
                [.. links.Select(l => new GuestLinkResource(l.Id, l.LookId, l.LookId, id, l.MadeAt, l.ExpiresAt))],
                (await cards.FindAsync(id, cancel))?.Card, [.. sessions.Select(s => new WholeSession(s.Id, s.Painting, s.Events))], taken));
        }).For(Role.Owner).Called("exportPerson", "Everything that is kept about a wearer: every save of the face, and every guest's link to it.");
        faces.MapGet("/{id}/tape", async (string id, double x1, double y1, double x2, double y2, Library library, PlanService plans, CancellationToken cancel) =>
        {
            if (!new[] { x1, y1, x2, y2 }.All(v => Math.Abs(v) < 1000))
            {
                throw new InputException("x1", ProblemCode.TapeOffSkin);
            }

            var body = await plans.BodyAsync((await library.FaceAsync(id, cancel)).MeasuresMm, cancel);
            var (path, mm) = Tape.Laid(body.Skin, body.Chart.ToSkin(new(x1, y1)), body.Chart.ToSkin(new(x2, y2)));
            return TypedResults.Ok(new TapeResource(
                Math.Round(mm, 1), [.. path.Select(body.Chart.ToChart).SelectMany(p => new[] { Math.Round(p.XMm, 1), Math.Round(p.YMm, 1) })]));
        })
            .Computes()
            .Called("layTape", "A tape laid on the skin between two places.");
        faces.MapGet("/{id}/own-point", async (string id, double x, double y, bool snaps, Library library, PlanService plans, CancellationToken cancel) =>
        {
            if (!(Math.Abs(x) < 1000 && Math.Abs(y) < 1000))
            {
                throw new InputException("x", ProblemCode.TapeOffSkin);
            }

            return TypedResults.Ok(OwnPoints.From(await plans.BodyAsync((await library.FaceAsync(id, cancel)).MeasuresMm, cancel), new(x, y), snaps));
        })
            .Computes()
            .Called("pointOut", "A place of this face as a place of anatomy, on a landmark when it lies near one.");
        faces.MapGet("/{id}/stretch", async (string id, Library library, PlanService plans, HttpContext context, CancellationToken cancel) =>
            Kept.File(StretchPicture.Png(await plans.BodyAsync((await library.FaceAsync(id, cancel)).MeasuresMm, cancel), StretchPixels), "image/png", context))
            .Computes()
            .Called("drawStretch", "Where the chart stretches, as a picture.")
            .Gives("image/png");
        faces.MapGet("/{id}/body.glb", async (string id, Library library, PlanService plans, HttpContext context, CancellationToken cancel) =>
            Kept.File(BodyModel.Glb(await plans.BodyAsync((await library.FaceAsync(id, cancel)).MeasuresMm, cancel)), "model/gltf-binary", context))
            .Computes()
            .Called("exportBody", "The body as a model, glTF 2.0.")
            .Gives("model/gltf-binary");
        faces.MapGet("/{id}/offers/{zone}", async (string id, string zone, string kit, string setting, string? over, string? beside, Library library, PlanService plans, CancellationToken cancel) =>
        {
            var at = Zones.Find(zone) ?? throw new InputException("zone", ProblemCode.NoSuchZone, ("zone", zone));
            var (body, box, costume, colours) = await ForNewPart(id, kit, setting, over, beside, library, plans, cancel);
            var offers = NewPart.Offers(at, body, box, costume, colours);
            return TypedResults.Ok((IReadOnlyList<OfferResource>)[.. offers.Select(Resource)]);
        })
            .Computes().Called("listOffers", "The parts that can be hung on a zone.");
        faces.MapGet("/{id}/parts/{kind}", async (string id, string kind, string kit, string setting, string? over, string? beside, Library library, PlanService plans, CancellationToken cancel) =>
        {
            var found = PartKinds.Find(kind) ?? throw new InputException("kind", ProblemCode.NoSuchKind, ("kind", kind));
            var (body, box, costume, colours) = await ForNewPart(id, kit, setting, over, beside, library, plans, cancel);
            return TypedResults.Ok(Resource(NewPart.OfferOf(found, found.HangsOn[0], body, box, costume, colours)));
        })
            .Computes()
            .Called("offerPart", "A new part of a kind, as it would hang on this face.");
        faces.MapPost("/estimate", async (FacePreview preview, PlanService plans, CancellationToken cancel) =>
        {
            var body = await plans.BodyAsync(preview.MeasuresMm, cancel);
            return TypedResults.Ok(new EstimateResource(
                body.MeasuresMm.ToDictionary(m => m.Key, m => Math.Round(m.Value, 1)), body.MeasureNotes.ToDictionary(n => n.Field, n => n.Sentence)));
        })
            .Computes()
            .Called("estimateMeasures", "All measures of a face that is being edited.");
        faces.MapPost("/preview", async (FacePreview preview, PlanService plans, CancellationToken cancel) =>
        {
            var body = await plans.BodyAsync(preview.MeasuresMm, cancel);
            var bare = new PlannedLook(null!, body, preview.Skin, []);
            var (rgba, width, height) = BustPicture.Finished(bare, BustView.Gallery, 320, 360);
            return TypedResults.File(Png.Of(rgba, width, height), "image/png");
        })
            .Computes()
            .Called("drawFace", "The bare face that is being edited.")
            .Gives("image/png");
    }

    // Paints of a look's base and of its other parts, by their ids; more than a look can hold are not read.
    private const int MostBeside = 60;

    private static async Task<(FittedBody Body, Kit Kit, Costume Costume, LookColours Colours)> ForNewPart(
        string faceId, string kitId, string settingId, string? over, string? beside, Library library, PlanService plans, CancellationToken cancel)
    {
        var face = await library.FaceAsync(faceId, cancel);
        var kit = await library.KitAsync(kitId, cancel);
        var costume = (await library.SettingAsync(settingId, cancel)).Costume;
        return (await plans.BodyAsync(face.MeasuresMm, cancel), kit, costume, LookColours.Of(kit, face.Skin, over, (beside ?? "").Split(',', MostBeside)));
    }

    private static OfferResource Resource(NewPart.Offer offer) => new(
        offer.Kind.Id, offer.Kind.Label, [.. offer.Sizes.Select(s => s with { Value = Math.Round(s.Value, 1) })], offer.Part);

    private static FaceResource Resource(StoredDocument stored)
    {
        var face = Library.Document(DocumentTypes.Face, stored);
        return new(
            stored.Id, stored.Revision, face, SkinTone.Class(face.Skin), Math.Round(SkinTone.TypologyAngleDeg(face.Skin), 1), Srgb.From(face.Skin).Hex);
    }

    private static IReadOnlyList<IReadOnlyList<double>> Rings(Geometry outline) =>
        [.. Curves.OuterRings(outline).Select(r => (IReadOnlyList<double>)[.. r.SelectMany(p => new[] { Math.Round(p.XMm, 1), Math.Round(p.YMm, 1) })])];
}

using Datura.Core;
using Datura.Core.Shapes;
using Datura.Documents;
using Datura.Files.Pictures;
using Datura.Store;
using Datura.Store.Accounts;
using Datura.Web.Accounts;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Pictures that painters work after: kept, shown, and lines traced over them.</summary>
public static class ReferenceEndpoints
{
    public static void MapReferences(this IEndpointRouteBuilder routes)
    {
        var references = routes.MapDocuments(DocumentTypes.Reference, Of, Of);
        references.MapPost("/from-picture", async (HttpRequest request, string name, Library library, CancellationToken cancel) =>
        {
            using var bytes = new MemoryStream();
            await request.Body.CopyToAsync(bytes, cancel);
            SoundBody.CheckText(name, "name", Limits.LongestName);
            var saved = await library.AddAsync(DocumentTypes.Reference, new(name, PictureToKeep.Of(bytes.ToArray(), name)), cancel: cancel);
            return TypedResults.Created($"/api/references/{saved.Id}", saved);
        })
            .Accepts<byte[]>("image/png", "image/jpeg", "image/webp", "application/octet-stream").Computes().InBatch().For(Role.Painter)
            .Called("addReferenceFromPicture", "Keeps a picture, no larger than it is looked at and without what a camera wrote into it.");
        references.MapGet("/{id}/picture", async (string id, Library library, HttpContext context, CancellationToken cancel) =>
        {
            var picture = (await library.GetAsync(DocumentTypes.Reference, id, cancel)).Picture;
            return Kept.File(picture, ReferenceCheck.KindOf(picture) ?? "application/octet-stream", context);
        })
            .Called("showReference", "The picture itself.").Gives("image/webp");
        routes.MapPost("/api/faces/{id}/traced", async (string id, TraceRequest request, Library library, PlanService plans, CancellationToken cancel) =>
        {
            if (request.Landmarks is null || request.Points is null || request.Points.Count % 2 != 0)
            {
                throw new InputException("points", ProblemCode.TracePoints, ("most", TracedLine.MostPoints));
            }

            var body = await plans.BodyAsync((await library.FaceAsync(id, cancel)).MeasuresMm, cancel);
            PicturePoint[] points = [.. request.Points.Chunk(2).Select(p => new PicturePoint(p[0], p[1]))];
            return TypedResults.Ok(TracedLine.On(body, request.Landmarks, points, request.FromDeg, request.Closed));
        })
            .Computes().Called("traceLine", "A line traced over a picture as an own line on this face.").WithTags("Faces").ProducesProblem(400).ProducesProblem(404);
    }

    private static ReferenceResource Of(StoredDocument stored)
    {
        var reference = Library.Document(DocumentTypes.Reference, stored);
        return new(stored.Id, stored.Revision, reference.Name, reference.Notes);
    }
}

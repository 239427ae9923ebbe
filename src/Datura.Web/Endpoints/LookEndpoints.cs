using Datura.Documents;
using Datura.Files.Pictures;
using Datura.Store;
using Datura.Web.Accounts;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Looks, and their pictures.</summary>
public static class LookEndpoints
{
    internal const int GalleryWidth = 320;
    internal const int GalleryHeight = 360;

    private static readonly Dictionary<string, BustView> Views = new()
    {
        ["gallery"] = BustView.Gallery,
        ["front"] = BustView.Front,
        ["left"] = BustView.ThreeQuarterLeft,
        ["right"] = BustView.ThreeQuarterRight,
        ["close"] = BustView.FaceClose,
    };

    public static void MapLooks(this IEndpointRouteBuilder routes)
    {
        var looks = routes.MapDocuments(
            DocumentTypes.Look, l => new DocumentHead(l.Id, l.Name, l.Revision), l => new LookResource(l.Id, l.Revision, Library.Document(DocumentTypes.Look, l)));
        looks.MapGet("/gallery", async (string face, string kit, string setting, Gallery gallery, GalleryPainter painter, Caller caller, CancellationToken cancel) =>
        {
            var seen = await gallery.SeenAsync(face, kit, setting, cancel);
            var entries = await gallery.ListAsync(seen, cancel);
            painter.Want(caller.Studio!, seen, entries.Where(e => e.Facts is null).Select(e => e.Id));
            return TypedResults.Ok(entries);
        }).Called("showLooks", "Every look with what it is found by; what is not known yet is drawn meanwhile.");
        looks.MapGet("/{id}/picture", async (
            string id, string? face, string? kit, string? setting, string? view, int? revision, Library library, PlanService plans, Gallery gallery, HttpContext context, CancellationToken cancel) =>
        {
            var seen = View(view);
            var look = Library.Document(DocumentTypes.Look, await library.StoredAsync(DocumentTypes.Look, id, revision, cancel));
            var request = await plans.UsualAsync(look, face, kit, setting, cancel);
            if (seen == BustView.Gallery && revision is null && Kept.TakesWebP(context))
            {
                return Kept.File(await gallery.PictureAsync(await gallery.SeenAsync(request.FaceId, request.KitId, request.SettingId, cancel), id, cancel), WebP.MediaType, context);
            }

            var planned = await plans.PlanAsync(request, cancel);
            var (rgba, w, h) = BustPicture.Finished(planned, seen == BustView.Gallery ? BustView.GalleryOf(planned) : seen, GalleryWidth, GalleryHeight);
            return Kept.Picture(rgba, w, h, context);
        }).Gives("image/png", WebP.MediaType).Computes().Called("drawLook", "A look painted: on the face, with the kit and in the setting named, or with its own kit on the first face of the studio.");
    }
    /// <summary>From where the bust is seen.</summary>
    /// <exception cref="InputException">There is no such view.</exception>
    internal static BustView View(string? name) =>
        Views.GetValueOrDefault(name ?? "gallery") ?? throw new InputException("view", ProblemCode.NoSuchView, ("known", string.Join(", ", Views.Keys)));
}

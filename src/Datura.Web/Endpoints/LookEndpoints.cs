using Datura.Documents;
using Datura.Files.Pictures;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Looks, and their pictures.</summary>
public static class LookEndpoints
{
    private const int GalleryWidth = 320;
    private const int GalleryHeight = 360;

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
        looks.MapGet("/{id}/picture", async (string id, string? face, string? kit, string? setting, string? view, Library library, PlanService plans, HttpContext context, CancellationToken cancel) =>
        {
            var seen = View(view);
            var look = await library.LookAsync(id, cancel);
            var request = await plans.UsualAsync(look, face, kit, setting, cancel);
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

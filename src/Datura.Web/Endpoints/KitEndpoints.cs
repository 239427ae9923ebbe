using Datura.Core.Hands;
using Datura.Core.Paint;
using Datura.Documents;
using Datura.Store;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Kits and settings.</summary>
public static class KitEndpoints
{
    private const double UsualShortChance = 0.05;

    public static void MapKits(this IEndpointRouteBuilder routes)
    {
        var kits = routes.MapDocuments(DocumentTypes.Kit, Resource, k => new WholeKitResource(k.Id, k.Revision, Library.Document(DocumentTypes.Kit, k)));
        kits.MapGet("/{id}/still-paints", async (string id, string face, string setting, double? shortChance, CaseService service, CancellationToken cancel) =>
            TypedResults.Ok(await service.StillPaintsAsync(id, face, setting, shortChance is { } chance && Limits.Hold<Case>(nameof(Case.ShortChance), chance) ? chance : UsualShortChance, cancel)))
            .Computes().InBatch().Called("findStillPainted", "How many faces of each of the studio's looks what is in the kit is enough for.");
        routes.MapDocuments(DocumentTypes.Setting, OfSetting, OfSetting);
    }

    private static SettingResource OfSetting(StoredDocument stored) => new(stored.Id, stored.Revision, Library.Document(DocumentTypes.Setting, stored));

    private static KitResource Resource(StoredDocument stored)
    {
        var kit = Library.Document(DocumentTypes.Kit, stored);
        return new(stored.Id, stored.Revision, kit.Name, [.. kit.Paints.Select(p => new PaintResource(
            p.Id, p.Name, p.Material, p.Finish, Srgb.From(new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour).Hex,
            Srgb.From(p.OverBlack).Hex, Srgb.From(p.OverWhite).Hex, p.CoatFilmUm, p.DryingSeconds, p.NearEyes, p.OnLips, p.Stripe))], KitTools.Owned(kit));
    }
}

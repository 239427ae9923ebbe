using Datura.Core.Hands;
using Datura.Core.Paint;
using Datura.Documents;
using Datura.Store;

namespace Datura.Web;

/// <summary>Kits and settings.</summary>
public static class KitEndpoints
{
    public static void MapKits(this IEndpointRouteBuilder routes)
    {
        routes.MapDocuments(DocumentTypes.Kit, Resource, k => new WholeKitResource(k.Id, k.Revision, Library.Document(DocumentTypes.Kit, k)));
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

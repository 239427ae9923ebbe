using Datura.Core;
using Datura.Core.Paint;
using Datura.Store;

namespace Datura.Web;

/// <summary>A paint of a kit with the colours one sees.</summary>
public sealed record PaintResource(
    string Id, string Name, Material Material, Finish Finish, string OpaqueColour, string OverBlack, string OverWhite,
    double CoatFilmUm, double DryingSeconds, bool NearEyes, bool OnLips);

public sealed record KitResource(string Id, string Name, IReadOnlyList<PaintResource> Paints);

/// <summary>Kits and settings: lists.</summary>
public static class KitEndpoints
{
    public static void MapKits(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/kits", async (DocumentStore store) => TypedResults.Ok(
            (IReadOnlyList<KitResource>)[.. (await store.AllAsync(DocumentKind.Kit)).Select(Resource)])).WithTags("Kits");
        routes.MapGet("/api/settings", async (DocumentStore store) => TypedResults.Ok(
            (IReadOnlyList<Setting>)[.. (await store.AllAsync(DocumentKind.Setting)).Select(s => Library.Read<Setting>(s.Body) with { Id = s.Id })]))
            .WithTags("Settings");
    }

    private static KitResource Resource(StoredDocument stored)
    {
        var kit = Library.Read<Kit>(stored.Body);
        return new(stored.Id, kit.Name, [.. kit.Paints.Select(p => new PaintResource(
            p.Id, p.Name, p.Material, p.Finish, Srgb.From(new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour).Hex,
            Srgb.From(p.OverBlack).Hex, Srgb.From(p.OverWhite).Hex, p.CoatFilmUm, p.DryingSeconds, p.NearEyes, p.OnLips))]);
    }
}

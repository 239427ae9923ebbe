using Datura.Core;
using Datura.Core.Paint;
using Datura.Store;

namespace Datura.Web;

/// <summary>A paint of a kit with the colours one sees.</summary>
public sealed record PaintResource(
    string Id, string Name, Material Material, Finish Finish, string OpaqueColour, string OverBlack, string OverWhite,
    double CoatFilmUm, double DryingSeconds, bool NearEyes, bool OnLips, SplitStripe? Stripe);

public sealed record KitResource(string Id, int Revision, string Name, IReadOnlyList<PaintResource> Paints);

public sealed record KitSave(int Revision, Kit Kit);

public sealed record SettingResource(string Id, int Revision, Setting Setting);

public sealed record SettingSave(int Revision, Setting Setting);

/// <summary>Kits and settings: list, add, save.</summary>
public static class KitEndpoints
{
    private const int MostPaints = 500;

    public static void MapKits(this IEndpointRouteBuilder routes)
    {
        var kits = routes.MapGroup("/api/kits").WithTags("Kits").ProducesProblem(400).ProducesProblem(404);
        kits.MapGet("/", async (DocumentStore store) => TypedResults.Ok(
            (IReadOnlyList<KitResource>)[.. (await store.AllAsync(DocumentKind.Kit)).Select(Resource)]));
        kits.MapGet("/{id}", async (string id, Library library) => TypedResults.Ok(await library.KitAsync(id)));
        kits.MapPost("/", async (Kit kit, DocumentStore store) =>
        {
            Check(kit);
            var id = LookEndpoints.Slug(kit.Name);
            await store.AddAsync(DocumentKind.Kit, id, kit.Name, Library.Write(kit with { Id = id }));
            return TypedResults.Created($"/api/kits/{id}", new Saved(id, 1));
        }).ProducesProblem(409);
        kits.MapPut("/{id}", async (string id, KitSave save, DocumentStore store) =>
        {
            Check(save.Kit);
            var body = Library.Write(save.Kit with { Id = id });
            return TypedResults.Ok(new Saved(id, await store.SaveAsync(DocumentKind.Kit, id, save.Revision, save.Kit.Name, body)));
        }).ProducesProblem(409);

        var settings = routes.MapGroup("/api/settings").WithTags("Settings").ProducesProblem(400).ProducesProblem(404);
        settings.MapGet("/", async (DocumentStore store) => TypedResults.Ok((IReadOnlyList<SettingResource>)
            [.. (await store.AllAsync(DocumentKind.Setting)).Select(s => new SettingResource(s.Id, s.Revision, Library.Read<Setting>(s.Body) with { Id = s.Id }))]));
        settings.MapPost("/", async (Setting setting, DocumentStore store) =>
        {
            Check(setting);
            var id = LookEndpoints.Slug(setting.Name);
            await store.AddAsync(DocumentKind.Setting, id, setting.Name, Library.Write(setting with { Id = id }));
            return TypedResults.Created($"/api/settings/{id}", new Saved(id, 1));
        }).ProducesProblem(409);
        settings.MapPut("/{id}", async (string id, SettingSave save, DocumentStore store) =>
        {
            Check(save.Setting);
            var body = Library.Write(save.Setting with { Id = id });
            return TypedResults.Ok(new Saved(id, await store.SaveAsync(DocumentKind.Setting, id, save.Revision, save.Setting.Name, body)));
        }).ProducesProblem(409);
    }

    private static void Check(Setting? setting)
    {
        if (setting is null || string.IsNullOrWhiteSpace(setting.Name) || setting.Name.Length > 120)
        {
            throw new BadInputException("name", "Give the setting a name of 1 to 120 letters.");
        }

        if (PlanCheck.OfSetting(setting) is { Count: > 0 } problems)
        {
            throw new PlanException(problems);
        }
    }

    private static void Check(Kit? kit)
    {
        if (kit?.Paints is null || string.IsNullOrWhiteSpace(kit.Name) || kit.Name.Length > 120)
        {
            throw new BadInputException("name", "Give the kit a name of 1 to 120 letters and a list of paints.");
        }

        if (kit.Paints.Count > MostPaints || kit.Paints.DistinctBy(p => p.Id).Count() != kit.Paints.Count)
        {
            throw new BadInputException("paints", $"A kit holds up to {MostPaints} paints, each with an id of its own.");
        }

        for (var k = 0; k < kit.Paints.Count; k++)
        {
            Check(kit.Paints[k], $"paints[{k}]");
        }
    }

    /// <summary>Whether a paint can be: film, drying, price, and a card that some real film gives.</summary>
    /// <exception cref="BadInputException">It cannot; the sentence says why.</exception>
    internal static void Check(PaintDescription? paint, string field)
    {
        if (paint is null || string.IsNullOrWhiteSpace(paint.Id) || string.IsNullOrWhiteSpace(paint.Name) || paint.Name.Length > 120)
        {
            throw new BadInputException(field, "Give the paint a name of 1 to 120 letters.");
        }

        if (!(paint.CoatFilmUm is > 0 and < 500 && paint.DryingSeconds is >= 0 and < 7200))
        {
            throw new BadInputException(field, $"{paint.Name}: a coat is up to 500 µm thick and dries within two hours.");
        }

        if (paint.Price is < 0 or > 1e6 or double.NaN || paint.LeftMl is < 0 or > 1e5 or double.NaN)
        {
            throw new BadInputException(field, $"{paint.Name}: neither the price nor what is left can be negative. Leave them out when they are not known.");
        }

        if (paint.Stripe is { } stripe && (string.IsNullOrWhiteSpace(stripe.Cake) || stripe.Place is < 1 or > 40))
        {
            throw new BadInputException(field, $"{paint.Name}: a stripe of a split cake needs the name of its pan and its place, from 1.");
        }

        try
        {
            PaintOptics.Of(paint);
        }
        catch (InputException problem)
        {
            throw new BadInputException(field, problem.Message.StartsWith(paint.Name, StringComparison.Ordinal) ? problem.Message : $"{paint.Name}: {problem.Message}");
        }
    }

    private static KitResource Resource(StoredDocument stored)
    {
        var kit = Library.Read<Kit>(stored.Body);
        return new(stored.Id, stored.Revision, kit.Name, [.. kit.Paints.Select(p => new PaintResource(
            p.Id, p.Name, p.Material, p.Finish, Srgb.From(new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour).Hex,
            Srgb.From(p.OverBlack).Hex, Srgb.From(p.OverWhite).Hex, p.CoatFilmUm, p.DryingSeconds, p.NearEyes, p.OnLips, p.Stripe))]);
    }
}

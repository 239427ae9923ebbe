using Datura.Core;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Files.Kits;
using Datura.Files.Pictures;

namespace Datura.Web;

/// <summary>A lamp of the list.</summary>
/// <param name="Colour">What a white looks like under it to an eye that has settled.</param>
public sealed record LampResource(string Id, string Name, string Colour);

/// <summary>A paint as it behaves on one skin.</summary>
/// <param name="ContrastRatio">Of one usual coat over the card's black and white, 0 to 1; 0.98 hides.</param>
/// <param name="CoatsToHide">Coats until this skin is hidden; null when more than eight.</param>
/// <param name="OneCoat">Colour of one usual coat on this skin.</param>
public sealed record PaintOnSkin(
    string Id, string Name, Material Material, Finish Finish, string OverBlack, string OverWhite, string OneCoat, string Opaque,
    double ContrastRatio, int? CoatsToHide, double CoatFilmUm, double DryingSeconds, bool NearEyes, bool OnLips, double? LeftMl, double? Price);

/// <summary>One layer of a core, from the skin up.</summary>
/// <param name="FilmUm">Dry film at this very place; soft edges are thinner.</param>
/// <param name="Colour">What is seen after it by day.</param>
/// <param name="UnderLight">The same under the asked light.</param>
public sealed record CoreLayer(string Part, string Coat, string Paint, double FilmUm, string Colour, string UnderLight);

/// <summary>A mix that makes a colour.</summary>
public sealed record RecipeResource(IReadOnlyList<RecipeShare> Shares, string Colour, string OnSkin, double DeltaE);

public sealed record RecipeShare(string Paint, string Name, double Parts);

public sealed record RecipeAnswerResource(string Wanted, RecipeResource Best, RecipeResource Single);

public sealed record FewestResource(IReadOnlyList<string> Paints, bool Proven, IReadOnlyList<FewestColour> Colours);

/// <param name="Was">The colour as the look has it.</param>
public sealed record FewestColour(string Use, string Was, RecipeResource Now);

/// <summary>How paint behaves: on this skin, under this light, mixed from this kit.</summary>
public static class CoatEndpoints
{
    private const int CorePixels = 1024;
    private const int HidingPixels = 512;

    // Two usual coats: what a mix looks like in use.
    private const double UseUm = 40;

    public static void MapCoats(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/lamps", () => TypedResults.Ok((IReadOnlyList<LampResource>)[.. Lamps.All.Select(l =>
            new LampResource(l.Id, l.Name, new SeenUnder(l.Power).Shown(Enumerable.Repeat(0.95, Spectrum.Bands).ToArray()).Hex))])).WithTags("Words");

        var kits = routes.MapGroup("/api/kits/{id}").WithTags("Kits").ProducesProblem(400).ProducesProblem(404);
        kits.MapGet("/on/{face}", async (string id, string face, Library library) =>
        {
            var skin = PaintStack.OnSkin((await library.FaceAsync(face)).Skin);
            return TypedResults.Ok((IReadOnlyList<PaintOnSkin>)[.. (await library.KitAsync(id)).Paints.Select(p => OnSkin(p, skin))]);
        });
        kits.MapGet("/recipe", async (string id, double l, double a, double b, string face, bool? eyes, bool? lips, string? without, Library library) =>
        {
            var kit = await library.KitAsync(id);
            var skin = PaintStack.OnSkin((await library.FaceAsync(face)).Skin);
            var wanted = new Lab(l, a, b);
            var allowed = kit.Paints.Where(p => p.Material is not (Material.Pencil or Material.Powder or Material.Gel or Material.Glitter) && p.Id != without && (eyes != true || p.NearEyes) && (lips != true || p.OnLips)).ToArray();
            var answer = RecipeSearch.For(wanted, allowed);
            return TypedResults.Ok(new RecipeAnswerResource(Srgb.From(wanted).Hex, Resource(answer.Best, kit, skin), Resource(answer.Single, kit, skin)));
        });
        kits.MapGet("/paints.csv", async (string id, Library library) =>
            TypedResults.File(System.Text.Encoding.UTF8.GetBytes(KitCsv.Write((await library.KitAsync(id)).Paints)), "text/csv", $"{id}.csv"));
        kits.MapGet("/palette.gpl", async (string id, Library library) =>
            TypedResults.File(System.Text.Encoding.UTF8.GetBytes(PaletteGpl.Of(await library.KitAsync(id))), "text/plain", $"{id}.gpl"));
        routes.MapPost("/api/kits/read-csv", async (HttpRequest request) =>
        {
            using var reader = new StreamReader(request.Body);
            return TypedResults.Ok(KitCsv.Read(await reader.ReadToEndAsync()));
        }).WithTags("Kits").ProducesProblem(400);

        var plans = routes.MapGroup("/api/plan").WithTags("Plan").ProducesProblem(400).ProducesProblem(404);
        plans.MapPost("/core", async (PlanRequest request, double x, double y, string? lamp, PlanService service) =>
        {
            var planned = await service.PlanAsync(request);
            var light = new SeenUnder(await LightAsync(service, request, lamp));
            var kit = await service.KitAsync(request);
            return TypedResults.Ok((IReadOnlyList<CoreLayer>)[.. BustPicture.Painted(planned, planned.Coats.Count, CorePixels).CoreAt(x, y)
                .Select(layer => Layer(layer, planned, kit, light))]);
        });
        plans.MapPost("/base-hiding", async (PlanRequest request, PlanService service) =>
            TypedResults.File(BasePicture.Png(await service.PlanAsync(request), await service.KitAsync(request), HidingPixels), "image/png"));
        plans.MapPost("/lost", async (PlanRequest request, string? lamp, PlanService service) =>
        {
            var planned = await service.PlanAsync(request);
            return TypedResults.Ok(LostColours.Of(planned.InOrder, planned.Colours!, await service.KitAsync(request), await LightAsync(service, request, lamp)));
        });
        plans.MapPost("/fewest", async (PlanRequest request, double? deltaE, PlanService service) =>
        {
            var planned = await service.PlanAsync(request);
            var kit = await service.KitAsync(request);
            var wanted = planned.InOrder.Where(j => j.Role.Stage != Core.Shapes.Stage.Map)
                .Select(j => new WantedColour($"{j.PartLabel}: {j.Role.Label.ToLowerInvariant()}", new PaintStackProbe(PaintOptics.Of(j.Mix, kit)).OpaqueColour)).ToArray();
            var answer = FewestPaints.Of(wanted, [.. kit.Paints.Where(p => p.Material is not (Material.Pencil or Material.Gel or Material.Glitter))], deltaE ?? 4);
            var skin = PaintStack.OnSkin(planned.Skin);
            return TypedResults.Ok(new FewestResource(
                [.. answer.Paints.Select(p => PaintOptics.Find(kit, p).Name)], answer.Proven,
                [.. answer.Made.Select(m => new FewestColour(m.Use, Srgb.From(m.Wanted).Hex, Resource(m.Recipe, kit, skin)))]));
        });
    }

    /// <summary>The asked lamp, else the setting's, else daylight.</summary>
    public static async Task<double[]> LightAsync(PlanService service, PlanRequest request, string? lamp)
    {
        if (lamp is { Length: > 0 } && lamp != "setting")
        {
            return Lamps.Find(lamp).Power;
        }

        return (await service.SettingAsync(request)).Lamps is { Count: > 0 } lamps ? Lamps.Together(lamps) : Observer.D65;
    }

    private static CoreLayer Layer((int Coat, double FilmShare, double[] Seen) layer, PlannedLook planned, Kit kit, SeenUnder light)
    {
        var (day, under) = (Srgb.From(Observer.Look(layer.Seen, Observer.D65)).Hex, light.Shown(layer.Seen).Hex);
        if (layer.Coat < 0)
        {
            return new("", "bare skin", "", 0, day, under);
        }

        var job = planned.InOrder[layer.Coat];
        return new(job.PartLabel, job.Role.Label, PlanParts.PaintName(job.Mix, kit), Math.Round(planned.Colours!.FilmUm(job) * layer.FilmShare, 1), day, under);
    }

    private static PaintOnSkin OnSkin(PaintDescription paint, PaintStack skin)
    {
        var optics = PaintOptics.Of(paint);
        var opaque = new PaintStackProbe(optics).OpaqueColour;
        int? hides = Enumerable.Range(1, 8).FirstOrDefault(n => ColourDifference.DeltaE00(skin.With(optics, n * paint.CoatFilmUm).Colour(), opaque) < CoatColours.HiddenDeltaE) is var n and > 0 ? n : null;
        return new(
            paint.Id, paint.Name, paint.Material, paint.Finish, Srgb.From(paint.OverBlack).Hex, Srgb.From(paint.OverWhite).Hex,
            Srgb.From(skin.With(optics, paint.CoatFilmUm).Colour()).Hex, Srgb.From(opaque).Hex, Math.Round(Hiding.ContrastRatio(optics, paint.CoatFilmUm), 3), hides,
            paint.CoatFilmUm, paint.DryingSeconds, paint.NearEyes, paint.OnLips, paint.LeftMl, paint.Price);
    }

    private static RecipeResource Resource(Recipe recipe, Kit kit, PaintStack skin) => new(
        [.. recipe.Mix.Shares.Select(s => new RecipeShare(s.Paint, PaintOptics.Find(kit, s.Paint).Name, s.Parts))], Srgb.From(recipe.Colour).Hex,
        Srgb.From(skin.With(PaintOptics.Of(recipe.Mix, kit), UseUm).Colour()).Hex, Math.Round(recipe.DeltaE, 1));
}

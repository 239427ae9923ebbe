using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core;
using Datura.Files.Pictures;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>How paint behaves: on this skin, under this light, mixed from this kit.</summary>
public static class CoatEndpoints
{
    private const int CorePixels = 1024;
    private const int HidingPixels = 512;
    private const int FinishPixels = 512;

    private static readonly Lazy<ChromaticAdaptation[]> EachLamp = new(() => [.. Lamps.All.Select(l => new ChromaticAdaptation(l.Power))]);

    public static void MapCoats(this IEndpointRouteBuilder routes)
    {
        routes.MapWords<IReadOnlyList<LampResource>>("/api/lamps", () => [.. Lamps.All.Select(l =>
            new LampResource(l.Id, l.Name, new ChromaticAdaptation(l.Power).Shown(Enumerable.Repeat(0.95, Spectrum.Bands).ToArray()).Hex))])
            .Called("listLamps", "The lamps that a setting may have, with what a white looks like under each.").WithTags("Words");

        var plans = routes.MapGroup("/api/plan").WithTags("Plan").ProducesProblem(400).ProducesProblem(404).Computes();
        plans.MapPost("/core", async (PlanRequest request, double x, double y, string? lamp, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            var light = await EyeAsync(service, request, lamp, cancel);
            var kit = await service.KitAsync(request, cancel);
            return TypedResults.Ok((IReadOnlyList<CoreLayer>)[.. BustPicture.Painted(planned, planned.Coats.Count, CorePixels).CoreAt(x, y)
                .Select(layer => Layer(layer, planned, kit, light))]);
        })
            .Called("readCore", "The films at one place, from the skin up.");
        plans.MapPost("/finish", async (PlanRequest request, int? steps, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            return TypedResults.File(Png.Of(BustPicture.Painted(planned, steps ?? planned.Coats.Count, FinishPixels).Surfaces(), FinishPixels, FinishPixels), "image/png");
        })
            .Called("drawFinish", "How the paint shines: gloss, metal and sparkle as a picture.")
            .Gives("image/png");
        plans.MapPost("/base-hiding", async (PlanRequest request, PlanService service, CancellationToken cancel) =>
            TypedResults.File(BasePicture.Png(await service.PlanAsync(request, cancel), HidingPixels), "image/png"))
            .Called("drawBaseHiding", "How well the base hides the skin, as a picture.")
            .Gives("image/png");
        plans.MapPost("/lost", async (PlanRequest request, string? lamp, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            return TypedResults.Ok(LostColours.Of(planned.InOrder, planned.Colours!, await service.KitAsync(request, cancel), await EyeAsync(service, request, lamp, cancel)));
        })
            .Called("listLostColours", "Colours that become one under a lamp, with a stand-in for each.");
        plans.MapPost("/fewest", async (PlanRequest request, double? deltaE, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            var kit = await service.KitAsync(request, cancel);
            var wanted = planned.InOrder.Where(j => j.Role.Stage != Stage.Map)
                .SelectMany(j => j.Colours.Select(c => new WantedColour($"{j.PartLabel}: {j.Role.Label.ToLowerInvariant()}", new PaintStackProbe(PaintOptics.Of(c, kit)).OpaqueColour))).ToArray();
            var answer = FewestPaints.Of(wanted, [.. kit.Paints.Where(p => Materials.Mixes(p.Material) || p.Material is Material.Powder)], deltaE ?? 4);
            var skin = PaintStack.OnSkin(planned.Skin);
            return TypedResults.Ok(new FewestResource(
                [.. answer.Paints.Select(p => PaintOptics.Find(kit, p).Name)], answer.Proven,
                [.. answer.Made.Select(m => new FewestColour(m.Use, Srgb.From(m.Wanted).Hex, PaintDeskEndpoints.Resource(m.Recipe, kit, skin)))]));
        })
            .Called("findFewestPaints", "The fewest paints of the kit that give every colour of the look.");
    }

    /// <summary>The asked lamp, else the setting's, else daylight.</summary>
    public static async Task<ChromaticAdaptation> EyeAsync(PlanService service, PlanRequest request, string? lamp, CancellationToken cancel)
    {
        var setting = await service.SettingAsync(request, cancel);
        var light = lamp is { Length: > 0 } && lamp != "setting" ? Lamps.Find(lamp).Power
            : setting.Lamps is { Count: > 0 } lamps ? Lamps.Together(lamps) : Observer.D65;
        return new(light, setting.AdaptingCdM2);
    }

    private static CoreLayer Layer((int Coat, double FilmShare, double[] Seen) layer, PlannedLook planned, Kit kit, ChromaticAdaptation light)
    {
        string[] everywhere = [.. EachLamp.Value.Select(l => l.Shown(layer.Seen).Hex)];
        var (day, under) = (Srgb.From(Observer.Look(layer.Seen, Observer.D65)).Hex, light.Shown(layer.Seen).Hex);
        if (layer.Coat < 0)
        {
            return new("", "bare skin", "", 0, "", day, under, everywhere);
        }

        var job = planned.InOrder[layer.Coat];
        return new(job.PartLabel, job.Role.Label, PlanParts.PaintName(job, kit), Math.Round(planned.Colours!.FilmUm(job) * layer.FilmShare, 1),
            job.Lay.IntoWet ? "wet into wet" : planned.Colours.Laid(job).Lifts > 0 ? "wet on dry, lifts a little" : "on dry", day, under, everywhere);
    }
}

using System.ComponentModel.DataAnnotations;
using Datura.Core.Shapes.Transfer;
using Datura.Core.Shapes;
using Datura.Core;
using Datura.Core.After;
using Datura.Files.Pictures;
using Datura.Files.Sheets;
using Datura.Files.Templates;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Plans of looks as they stand in the painter's hands, and everything drawn from them.</summary>
public static class PlanEndpoints
{
    private const int LeastPixels = 128;
    private const int MostPixels = 2048;
    private const int UsualStepPixels = 720;
    private const int MostStepPixels = 1200;
    private const int StripWidth = 128;
    private const int StripHeight = 132;

    private const int MapWidth = 840;
    private const int MapHeight = 960;
    private const double DefaultToleranceMm = 2;
    private const double DefaultAllowanceMm = 6;

    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plan").WithTags("Plan").ProducesProblem(400).ProducesProblem(404).Computes();
        plans.MapPost("/", async (PlanRequest request, PlanService service, CancellationToken cancel) => TypedResults.Ok((await service.PlanAsync(request, cancel)).Plan))
            .Called("planLook", "A look planned for a face: sizes, steps, minutes, cautions.");
        plans.MapPost("/paint", async (PlanRequest request, int? steps, int? coats, int? pixels, string? lamp, bool? grain, string? eyes, string? hair, PlanService service, CancellationToken cancel) =>
        {
            var size = pixels ?? 1024;
            if (size is < LeastPixels or > MostPixels)
            {
                throw new InputException("pixels", ProblemCode.PicturePixels, ("least", LeastPixels), ("most", MostPixels));
            }

            OneOf("eyes", eyes ?? "none", "none", "open", "closed");
            OneOf("hair", hair ?? "tied", "tied", "loose");
            var planned = await service.PlanAsync(request, cancel);
            var light = lamp is { Length: > 0 } ? await CoatEndpoints.EyeAsync(service, request, lamp, cancel) : null;
            // Whoever does not ask for grain gets the smooth film on which colours are judged.
            var grained = grain ?? false;
            var picture = coats is { } some ? BustPicture.PaintedCoats(planned, some, size, light, grained) : BustPicture.Painted(planned, steps ?? planned.Coats.Count, size, light, grained);
            var pixelsOf = eyes is null or "none" ? picture.Rgba() : BustPicture.Featured(planned, picture, eyes == "open" ? Eyes.Open : Eyes.Closed, hair == "loose" ? Hair.Loose : Hair.TiedBack);
            return TypedResults.File(Png.Of(pixelsOf, size, size), "image/png");
        })
            .Called("drawPaint", "The paint on the chart, after some steps or all.")
            .Gives("image/png");
        plans.MapPost("/strip", async (PlanRequest request, PlanService service, CancellationToken cancel) =>
            TypedResults.File(BustPicture.Strip(await service.PlanAsync(request, cancel), BustView.Strip, StripWidth, StripHeight), "image/png"))
            .Called("drawStrip", "The bust after every step, beside each other.")
            .Gives("image/png");
        plans.MapPost("/step", async (PlanRequest request, int step, [Range(LeastPixels, MostStepPixels)] int? pixels, string? done, string? without, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            if (step < 1 || step > planned.Coats.Count)
            {
                throw new InputException("step", ProblemCode.AddressRange, ("name", "step"), ("least", 1), ("most", planned.Coats.Count));
            }

            var side = pixels ?? UsualStepPixels;
            return TypedResults.File(WebP.Of(StepPicture.Lit(planned, step, side, Numbers(done), without is { Length: > 0 } ? without.Split(',').ToHashSet() : null), side, side), WebP.MediaType);
        })
            .Called("drawStep", "The face at a step: what is new in it is lit, the rest dimmed.")
            .Gives(WebP.MediaType);
        plans.MapPost("/bust", async (PlanRequest request, string? view, PlanService service, CancellationToken cancel) =>
        {
            var seen = LookEndpoints.View(view);
            var planned = await service.PlanAsync(request, cancel);
            var (rgba, w, h) = BustPicture.Finished(planned, seen == BustView.Gallery ? BustView.GalleryOf(planned) : seen, LookEndpoints.GalleryWidth, LookEndpoints.GalleryHeight);
            return TypedResults.File(WebP.Of(rgba, w, h), WebP.MediaType);
        })
            .Called("drawBust", "The finished face of a look that is not kept yet.")
            .Gives(WebP.MediaType);
        plans.MapPost("/dots", async (PlanRequest request, [Range(DotPlan.LeastToleranceMm, DotPlan.MostToleranceMm)] double? tolerance, PlanService service, CancellationToken cancel) =>
        {
            return TypedResults.Ok(Dots(await service.PlanAsync(request, cancel), tolerance));
        })
            .Called("planDots", "The dots with which outlines are set out, each from two places that a finger finds.");
        plans.MapPost("/handles", async (PlanRequest request, string part, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            var found = planned.Parts.FirstOrDefault(p => p.Part.Id == part) ?? throw new InputException("part", ProblemCode.NoSuchPart, ("part", part));
            var host = PartExpansion.HostOf(found.Part, planned.Parts, planned.Body);
            return TypedResults.Ok(Handles.Of(found.Kind, found.Part, planned.Body, (await service.SettingAsync(request, cancel)).Costume, host));
        })
            .Called("listHandles", "Where a part can be taken hold of.");
        plans.MapPost("/pencil-map", async (PlanRequest request, [Range(DotPlan.LeastToleranceMm, DotPlan.MostToleranceMm)] double? tolerance, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            return TypedResults.File(PencilMap.Of(planned, Dots(planned, tolerance), MapWidth, MapHeight), "image/png");
        })
            .Called("drawPencilMap", "The bare face with the dots and lines of the pencil map.")
            .Gives("image/png");
        plans.MapPost("/templates", async (PlanRequest request, string? paper, string? format, string? parts, [Range(0, 60)] double? allowance, bool? turned, PlanService service, CancellationToken cancel) =>
        {
            OneOf("format", format, "pdf", "svg");
            var size = PaperSize.Find(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.TemplatePaper);
            var planned = await service.PlanAsync(request, cancel);
            var wanted = parts is { Length: > 0 } ? parts.Split(',').ToHashSet() : null;
            var pieces = planned.Parts.Where(p => wanted is null || wanted.Contains(p.Part.Id)).AsParallel().AsOrdered().WithCancellation(cancel)
                .Select(p => TemplatePiece.Of(p.Kind, p.Part, p.Marks, planned.Body, allowance ?? DefaultAllowanceMm)).OfType<TemplatePiece>()
                .SelectMany(p => turned == true && p.Sided ? new[] { p, p.Turned() } : [p]).ToArray();
            if (pieces.Length == 0)
            {
                throw new InputException("parts", ProblemCode.NothingToCut);
            }

            const double mmPerPoint = 25.4 / 72;
            var pages = TemplatePages.Of(pieces, size.Width * mmPerPoint, size.Height * mmPerPoint);
            var name = Slug.Of($"{planned.Plan.Look} on {planned.Plan.Face} templates");
            return format == "svg"
                ? TypedResults.File(System.Text.Encoding.UTF8.GetBytes(TemplateSvg.Of(planned.Plan.Look, planned.Plan.Face, pages)), "image/svg+xml", $"{name}.svg")
                : TypedResults.File(TemplatePdf.Of(planned.Plan.Look, planned.Plan.Face, pages, size), "application/pdf", $"{name}.pdf");
        })
            .InBatch().Called("printTemplates", "Outlines to cut from card, in true size.")
            .Gives("application/pdf", "image/svg+xml");
        plans.MapPost("/removal", async (PlanRequest request, PlanService service, WearerCards cards, CancellationToken cancel) => TypedResults.Ok(await RemovalAsync(request, service, cards, cancel)))
            .Called("planRemoval", "How the look comes off again: what takes off which paint, in which order.");
        plans.MapPost("/removal/card", async (PlanRequest request, PlanService service, WearerCards cards, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            return TypedResults.File(RemovalSheet.Pdf(planned, await RemovalAsync(request, service, cards, cancel)), "application/pdf", $"{Slug.Of(planned.Plan.Look)} removal.pdf");
        })
            .InBatch().Called("printRemovalCard", "The removal card on paper, A6, for the wearer to take home.").Gives("application/pdf");
        plans.MapPost("/sheet", async (PlanRequest request, string? paper, string? units, string? kind, PlanService service, CancellationToken cancel) =>
        {
            OneOf("kind", kind, "full", "booth");
            OneOf("units", units, "mm", "in");
            var size = PaperSize.Find(paper ?? "A4") ?? throw new InputException("paper", ProblemCode.SheetPaper);
            var planned = await service.PlanAsync(request, cancel);
            StopsPassed.Check(planned.Plan);
            var name = Slug.Of($"{planned.Plan.Look} on {planned.Plan.Face}");
            if (kind == "booth")
            {
                return TypedResults.File(BoothSheet.Pdf(planned, size), "application/pdf", $"{name} booth.pdf");
            }

            return TypedResults.File(StepSheet.Pdf(planned, size, inches: units == "in"), "application/pdf", $"{name}.pdf");
        })
            .InBatch().Called("printSheet", "The sheet for the chair or the booth.")
            .Gives("application/pdf");
    }

    // Steps that are on the skin; what is no number is none.
    private static HashSet<int>? Numbers(string? done) => done is null ? null : [.. done.Split(',').Select(n => int.TryParse(n, out var number) ? number : 0)];

    private static async Task<RemovalCard> RemovalAsync(PlanRequest request, PlanService service, WearerCards cards, CancellationToken cancel)
    {
        var (planned, kit) = (await service.PlanAsync(request, cancel), await service.KitAsync(request, cancel));
        return RemovalCard.Of(planned, kit, await cards.BroughtAsync(request.FaceId, cancel));
    }

    // A word that is none of them is a mistake, not a wish for the usual.
    private static void OneOf(string name, string? given, params string[] words)
    {
        if (given is { Length: > 0 } && !words.Contains(given))
        {
            throw new InputException(name, ProblemCode.NoSuchChoice, ("name", name), ("given", given.Length > 40 ? given[..40] : given), ("words", string.Join(", ", words)));
        }
    }

    private static DotPlan Dots(Core.PlannedLook planned, double? toleranceMm) => DotPlan.Of(
        planned.Parts.Where(p => p.Kind is not Core.Form.FormKind).AsParallel().AsOrdered().SelectMany(p => Figures.Of(p.Kind, p.Part, p.Marks)), planned.Body, toleranceMm ?? DefaultToleranceMm);
}

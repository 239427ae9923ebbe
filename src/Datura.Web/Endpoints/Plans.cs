using Datura.Files.Pictures;
using Datura.Files.Sheets;

namespace Datura.Web;

/// <summary>Plans of looks as they stand in the painter's hands, and everything drawn from them.</summary>
public static class PlanEndpoints
{
    private const int LeastPixels = 128;
    private const int MostPixels = 2048;
    private const int StripWidth = 128;
    private const int StripHeight = 132;

    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plan").WithTags("Plan").ProducesProblem(400).ProducesProblem(404);
        plans.MapPost("/", async (PlanRequest request, PlanService service) => TypedResults.Ok((await service.PlanAsync(request)).Plan));
        plans.MapPost("/paint", async (PlanRequest request, int? steps, int? pixels, PlanService service) =>
        {
            var size = pixels ?? 1024;
            if (size is < LeastPixels or > MostPixels)
            {
                throw new BadInputException("pixels", $"A paint picture has {LeastPixels} to {MostPixels} pixels a side.");
            }

            var planned = await service.PlanAsync(request);
            var picture = BustPicture.Painted(planned, steps ?? planned.Coats.Count, size);
            return TypedResults.File(Png.Of(picture.Rgba(), size, size), "image/png");
        });
        plans.MapPost("/strip", async (PlanRequest request, PlanService service) =>
            TypedResults.File(BustPicture.Strip(await service.PlanAsync(request), BustView.Strip, StripWidth, StripHeight), "image/png"));
        plans.MapPost("/sheet", async (PlanRequest request, string? paper, string? units, PlanService service) =>
        {
            var size = PaperSize.Find(paper ?? "A4") ?? throw new BadInputException("paper", "The sheet is printed on A4 or Letter.");
            var planned = await service.PlanAsync(request);
            var name = LookEndpoints.Slug($"{planned.Plan.Look} on {planned.Plan.Face}");
            return TypedResults.File(StepSheet.Pdf(planned, size, inches: units == "in"), "application/pdf", $"{name}.pdf");
        });
    }
}

using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Files.Pictures;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Form: contour and light that are computed.</summary>
public static class FormEndpoints
{
    private const int PictureWidth = 300;
    private const int PictureHeight = 330;

    public static void MapForms(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plan/form").WithTags("Plan").ProducesProblem(400).ProducesProblem(404).Computes();
        plans.MapPost("/", async (PlanRequest request, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            var form = Form(planned);
            var kit = await service.KitAsync(request, cancel);
            var distance = (await service.SettingAsync(request, cancel)).ViewingDistanceM;
            var jobs = planned.Jobs.Where(j => j.PartId == FormKind.PartId).ToDictionary(j => j.Role.Id);
            return TypedResults.Ok(new FormResource(
                Math.Round(form.Map.BaseL, 1), form.Bands.BaseNumber,
                [.. form.Bands.Tones.Where(t => jobs.ContainsKey(FormKind.Role(t))).Select(t => Tone(t, form, jobs[FormKind.Role(t)], planned, kit))],
                form.Places, Math.Round(form.Closure.Bare, 2), Math.Round(form.Closure.Painted, 2), distance, Math.Round(VisualAcuity.FinestMm(distance), 1), [.. form.Warnings.Select(w => w.Sentence)]));
        })
            .Called("readForm", "The computed form: tones, places, and how it reads.");
        plans.MapPost("/three.png", async (PlanRequest request, string? view, double? distance, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            var from = view switch { "left" => BustView.ThreeQuarterLeft, "right" => BustView.ThreeQuarterRight, _ => BustView.Front };
            if (!Limits.Hold<Setting>(nameof(Setting.ViewingDistanceM), distance))
            {
                throw new InputException(Core.PlanCheck.ViewingDistance("distance"));
            }

            var metres = distance ?? (await service.SettingAsync(request, cancel)).ViewingDistanceM;
            return TypedResults.File(FormPicture.Three(Form(planned), planned.Body, from, PictureWidth, PictureHeight, metres), "image/png");
        })
            .Called("drawFormThree", "The face bare, with the wanted form, and painted, beside each other.")
            .Gives("image/png");
        plans.MapPost("/relief.png", async (PlanRequest request, bool? shaded, PlanService service, CancellationToken cancel) =>
        {
            var form = Form(await service.PlanAsync(request, cancel));
            return TypedResults.File(shaded == true ? FormPicture.ReliefShaded(form) : FormPicture.ReliefPng(form), "image/png");
        })
            .Called("drawRelief", "The wanted relief as heights or shaded.")
            .Gives("image/png");
        plans.MapPost("/lamp.png", async (PlanRequest request, PlanService service, CancellationToken cancel) =>
        {
            var (held, bare) = await service.HeldAsync(request, cancel);
            return TypedResults.File(Png.Of(FormPicture.Tinted(bare, PlanService.HeldPixels, held.Relief.Grid, held.Under(request.Look.Form!.Pretended)), PlanService.HeldPixels,
                PlanService.HeldPixels), "image/png");
        })
            .Called("drawHeldLamp", "The paint with its tones while the lamp that it pretends is in the hand.")
            .Gives("image/png");
        plans.MapPost("/profile", async (PlanRequest request, double x1, double y1, double x2, double y2, PlanService service, CancellationToken cancel) =>
        {
            if (!new[] { x1, y1, x2, y2 }.All(v => Math.Abs(v) < 1000))
            {
                throw new InputException("x1", ProblemCode.TapeOffSkin);
            }

            var planned = await service.PlanAsync(request, cancel);
            var form = Form(planned);
            var body = planned.Body;
            var path = Tape.Laid(body.Skin, body.Chart.ToSkin(new(x1, y1)), body.Chart.ToSkin(new(x2, y2))).Path.Select(body.Chart.ToChart).ToArray();
            var fine = Curves.Every(1, path);
            var along = 0.0;
            var result = fine.Select((p, k) =>
            {
                along += k == 0 ? 0 : body.LineMm([fine[k - 1], p]);
                var cell = form.Map.Grid.CellAt(p);
                return (Along: Math.Round(along, 1), Height: cell < 0 ? 0 : Math.Round(form.Relief.Mm[cell], 2));
            }).ToArray();
            return TypedResults.Ok(new ProfileResource([.. result.Select(r => r.Along)], [.. result.Select(r => r.Height)]));
        })
            .Called("readProfile", "Heights of the relief along a tape.");
    }

    private static FormPlan Form(Core.PlannedLook planned) => planned.Form
        ?? throw new InputException("look.form", ProblemCode.NoForm);

    private static ToneResource Tone(Tone tone, FormPlan form, Core.Order.CoatJob job, Core.PlannedLook planned, Kit kit) => new(
        tone.Number, tone.IsLight, Math.Round(tone.Change, 1), Math.Round(form.Places.Where(p => p.Tone == tone.Number).Sum(p => p.AreaCm2), 1),
        Core.PlanParts.PaintName(job, kit), Math.Round(planned.Colours!.FilmUm(job), 1),
        [.. Curves.Rings(tone.Outline).Select(r => (IReadOnlyList<double>)[.. r.SelectMany(p => new[] { Math.Round(p.XMm, 1), Math.Round(p.YMm, 1) })])]);
}

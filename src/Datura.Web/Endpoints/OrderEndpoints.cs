using Datura.Core.Fit;
using Datura.Core.Order;
using Datura.Core;
using Datura.Files.Pictures;
using Datura.Web.Computing;

namespace Datura.Web;

/// <summary>Order and time: the shortest order, moves by hand, and versions for a slot.</summary>
public static class OrderEndpoints
{
    private const double MostSeconds = 20;
    private const double UsualSeconds = 3;
    private const int PictureWidth = 150;
    private const int PictureHeight = 165;
    private static readonly int[] UsualSlots = [3, 10, 30];

    public static void MapOrders(this IEndpointRouteBuilder routes)
    {
        routes.MapWords<IReadOnlyList<RuleResource>>("/api/order/rules", () => [.. OrderRules.All.Select(r => new RuleResource(r.Id, r.Words, r.Strict, r.Switchable, r.Source))])
            .Called("listOrderRules", "The rules of the order, each with its source.").WithTags("Words");
        routes.MapWords("/api/order/rates", () => Rates.All)
            .Called("listRates", "How long each kind of work takes.").WithTags("Words");
        var plans = routes.MapGroup("/api/plan").WithTags("Plan").ProducesProblem(400).ProducesProblem(404).Computes();
        plans.MapPost("/order/shortest", async (PlanRequest request, double? seconds, PlanService service, CancellationToken cancel) =>
        {
            var time = seconds ?? UsualSeconds;
            if (!(time is >= 0.2 and <= MostSeconds))
            {
                throw new InputException("seconds", ProblemCode.SearchSeconds, ("least", 0.2), ("most", MostSeconds));
            }

            var planned = await service.PlanAsync(request, cancel);
            var network = planned.Network!;
            var now = Schedule.Of(network, NowOrder(planned));
            var found = await Task.Run(() => ShortestOrder.Of(network, time, now, cancel), cancel);
            return TypedResults.Ok(new ShortestResource(
                Coats(network, found.Table.Order), Math.Round(found.Table.TotalSeconds, 1), Math.Round(now.TotalSeconds, 1), Math.Round(ListScheduler.NaiveSeconds(network), 1),
                Math.Round(found.BoundSeconds, 1), Math.Round(found.Gap, 4), found.Proven));
        })
            .Called("findShortestOrder", "The shortest order found within some seconds, with a bound.");
        plans.MapPost("/order/move", async (PlanRequest request, string step, int to, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            var (network, order) = (planned.Network!, NowOrder(planned));
            var from = Array.FindIndex(order, g => network.Groups[g].Key == step);
            if (from < 0)
            {
                throw new InputException("step", ProblemCode.StepGone);
            }

            var (moved, over, refusal) = StepMove.Of(network, order, from, Math.Clamp(to - 1, 0, order.Length - 1));
            return TypedResults.Ok(new MovedResource(Coats(network, moved ?? throw new PlanException([refusal!])), over));
        })
            .Called("moveStep", "A step moved to another place, or why it cannot be.");
        plans.MapPost("/touching", async (PlanRequest request, string part, PlanService service, CancellationToken cancel) =>
        {
            var planned = await service.PlanAsync(request, cancel);
            return TypedResults.Ok((IReadOnlyList<TouchResource>)[.. Touching(planned, request.Look.Order ?? OrderWish.Usual, part)]);
        })
            .Called("listTouching", "What a part's coats lie on and under.");
        plans.MapPost("/stack", async (PlanRequest request, PlanService service, CancellationToken cancel) =>
        {
            var (planned, kit) = (await service.PlanAsync(request, cancel), await service.KitAsync(request, cancel));
            return TypedResults.Ok((IReadOnlyList<StackedCoat>)[.. Stacked(planned, request.Look.Order ?? OrderWish.Usual, kit)]);
        })
            .Called("listStack", "Every coat of a look from the skin up.");
        plans.MapPost("/tools", async (PlanRequest request, PlanService service, CancellationToken cancel) =>
        {
            var (planned, kit) = (await service.PlanAsync(request, cancel), await service.KitAsync(request, cancel));
            var plans = new List<ToolPlanResource>();
            foreach (var tools in FewestTools.Of(planned, kit, cancel: cancel))
            {
                var with = await service.PlanAsync(request with { Look = FewestTools.With(request.Look, tools), Draft = true }, cancel);
                // Changes of tool count too: a larger set that is no quicker is none to pack.
                if (plans.Count > 0 && with.Plan.TotalSeconds >= plans[^1].TotalSeconds)
                {
                    break;
                }

                plans.Add(new([.. tools.Tools.Select(t => t.Name)], tools.Laid, with.Plan.TotalSeconds));
            }

            return TypedResults.Ok((IReadOnlyList<ToolPlanResource>)plans);
        })
            .Called("listToolPlans", "With how few tools of the kit a look can be painted, and in how many minutes.");
        plans.MapPost("/versions", async (PlanRequest request, double? slot, PlanService service, CancellationToken cancel) =>
        {
            var (versions, setting) = await service.VersionsAsync(request, cancel);
            var minutes = Slot(slot, setting);
            (versions, var best) = versions.For(60 * minutes, cancel);
            int? At(double most) => versions.Within(60 * most) is { } found ? IndexOf(versions, found) : null;
            return TypedResults.Ok(new VersionsResource(
                [.. versions.Curve.Select(v => new VersionResource(v.Versions, v.Without, Math.Round(v.Likely.LikelySeconds, 1), Math.Round(v.AtConfidenceSeconds, 1), Math.Round(v.Kept, 4), v.Words))],
                At(minutes), string.Join(" ", versions.Said(minutes, setting, cancel).Select(r => r.Sentence)),
                [.. UsualSlots.Select(m => new NamedVersion($"{m} min", At(m))), new NamedVersion("all of it", versions.Curve.Count - 1)], Math.Round(best.Gap, 4)));
        })
            .Called("listVersions", "What can be kept of a look in how many minutes.");
        plans.MapPost("/versions.png", async (PlanRequest request, string? at, double? slot, PlanService service, CancellationToken cancel) =>
        {
            var (versions, setting) = await service.VersionsAsync(request, cancel);
            (versions, _) = versions.For(60 * Slot(slot, setting), cancel);
            var indices = (at ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries).Select(i => int.TryParse(i, out var index) && index >= 0 && index < versions.Curve.Count ? index
                : throw new InputException("at", ProblemCode.VersionNumber, ("last", versions.Curve.Count - 1))).ToArray();
            if (indices.Length is 0 or > 6)
            {
                throw new InputException("at", ProblemCode.VersionCount);
            }

            var pictures = new List<byte[]>();
            foreach (var index in indices)
            {
                var planned = await service.PlanAsync(request with { Look = PlanService.With(request.Look, versions.Curve[index].Versions, versions.Curve[index].Without), Draft = true }, cancel);
                pictures.Add(BustPicture.Finished(planned, BustView.FaceClose, PictureWidth, PictureHeight).Rgba);
            }

            return TypedResults.File(Png.Of(BustPicture.Beside(pictures, PictureWidth, PictureHeight), pictures.Count * PictureWidth, PictureHeight), "image/png");
        })
            .InBatch().Called("drawVersions", "Some of those versions, beside each other.")
            .Gives("image/png");
    }

    private static IEnumerable<TouchResource> Touching(PlannedLook planned, OrderWish wish, string part)
    {
        var (network, overlaps, coats) = (planned.Network!, new Overlaps(), planned.InOrder.Where(j => j.Role.Stage != Stage.Map).ToArray());
        var decided = (wish.Over ?? []).SelectMany(o => new[] { (o.Upper, o.Lower), (o.Lower, o.Upper) }).ToHashSet();
        foreach (var (mine, at) in coats.Select((j, k) => (j, k)).Where(c => c.j.PartId == part))
        {
            foreach (var (other, place) in coats.Select((j, k) => (j, k)).Where(c => c.j.PartId != part && overlaps.Of(mine, c.j)))
            {
                var (a, b) = (network.IndexOf(mine.Key), network.IndexOf(other.Key));
                // Coats of one step have one paint: it makes no difference.
                if (a != b)
                {
                    var rule = network.Rule(a, b) ?? network.Rule(b, a);
                    yield return new(mine.Key, mine.Role.Label, other.Key, other.Role.Label == other.PartLabel ? other.PartLabel : $"{other.PartLabel}, {other.Role.Label.ToLowerInvariant()}",
                        at > place, decided.Contains((mine.Key, other.Key)), rule?.Words ?? "");
                }
            }
        }
    }

    private static IEnumerable<StackedCoat> Stacked(PlannedLook planned, OrderWish wish, Kit kit)
    {
        var (overlaps, coats) = (new Overlaps(), planned.InOrder.Where(j => j.Role.Stage != Stage.Map).ToArray());
        var decided = (wish.Over ?? []).SelectMany(o => new[] { o.Upper, o.Lower }).ToHashSet();
        return coats.Select(job => new StackedCoat(
            job.Key, job.PartId, job.PartLabel, job.Role.Label, PlanParts.PaintName(job, kit), Srgb.From(planned.Colours!.Of(job)).Hex,
            [.. coats.Where(other => other != job && overlaps.Of(job, other)).Select(other => other.Key)], decided.Contains(job.Key)));
    }

    private static double Slot(double? asked, Setting setting) => (asked ?? setting.SlotMinutes) is >= 0.5 and <= 720 and var minutes ? minutes
        : throw new InputException("slot", ProblemCode.SlotAsked);

    private static int IndexOf(LookVersions versions, LookVersionFound found) => versions.Curve.TakeWhile(v => v != found).Count();

    private static int[] NowOrder(PlannedLook planned) => [.. planned.Steps.Select(s => planned.Network!.IndexOf(s.Key))];

    private static IReadOnlyList<string> Coats(StepNetwork network, IEnumerable<int> order) => [.. order.SelectMany(g => network.Groups[g].Jobs.Select(j => j.Key)).Distinct()];
}

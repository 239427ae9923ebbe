using Datura.Core;
using Datura.Core.Fit;
using Datura.Core.Order;
using Datura.Files.Pictures;

namespace Datura.Web;

/// <summary>A rule of order.</summary>
public sealed record RuleResource(string Id, string Words, bool Strict, bool Switchable, string Source);

/// <summary>The shortest order found.</summary>
/// <param name="Sequence">Coats in their order, to be kept in the look.</param>
/// <param name="NowSeconds">Length of the order on screen.</param>
/// <param name="Gap">How much longer than the best conceivable it may be, as a share.</param>
public sealed record ShortestResource(IReadOnlyList<string> Sequence, double TotalSeconds, double NowSeconds, double NaiveSeconds, double BoundSeconds, double Gap, bool Proven);

/// <summary>An order after a step was moved.</summary>
public sealed record MovedResource(IReadOnlyList<string> Sequence);

/// <param name="Versions">Parts that are not painted in full; the computed form is called form.</param>
/// <param name="Kept">Share of the full picture that is kept.</param>
/// <param name="Words">What is done differently.</param>
public sealed record VersionResource(
    IReadOnlyDictionary<string, PartVersion> Versions, double LikelySeconds, double AtConfidenceSeconds, double Kept, IReadOnlyList<string> Words);

/// <summary>What can be kept in how many minutes.</summary>
/// <param name="Curve">From the shortest to all of it.</param>
/// <param name="Chosen">The one for the slot; null when none fits.</param>
/// <param name="Said">In words.</param>
/// <param name="Named">Index of the version for each of some usual slots, null where none fits.</param>
/// <param name="Gap">No version that fits the slot keeps more than this share beyond the chosen one; 0 when it is the best.</param>
public sealed record VersionsResource(IReadOnlyList<VersionResource> Curve, int? Chosen, string Said, IReadOnlyList<NamedVersion> Named, double Gap);

public sealed record NamedVersion(string Label, int? Index);

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
        routes.MapGet("/api/order/rules", () => TypedResults.Ok((IReadOnlyList<RuleResource>)[.. OrderRules.All.Select(r => new RuleResource(r.Id, r.Words, r.Strict, r.Switchable, r.Source))]))
            .Called("listOrderRules", "The rules of the order, each with its source.").WithTags("Words");
        routes.MapGet("/api/order/rates", () => TypedResults.Ok(Rates.All))
            .Called("listRates", "How long each kind of work takes.").WithTags("Words");
        var plans = routes.MapGroup("/api/plan").WithTags("Plan").ProducesProblem(400).ProducesProblem(404);
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

            var (moved, refusal) = StepMove.Of(network, order, from, Math.Clamp(to - 1, 0, order.Length - 1));
            return TypedResults.Ok(new MovedResource(Coats(network, moved ?? throw new PlanException([refusal!]))));
        })
            .Called("moveStep", "A step moved to another place, or why it cannot be.");
        plans.MapPost("/versions", async (PlanRequest request, double? slot, PlanService service, CancellationToken cancel) =>
        {
            var (versions, setting) = await service.VersionsAsync(request, cancel);
            var minutes = Slot(slot, setting);
            (versions, var best) = versions.For(60 * minutes);
            int? At(double most) => versions.Within(60 * most) is { } found ? IndexOf(versions, found) : null;
            return TypedResults.Ok(new VersionsResource(
                [.. versions.Curve.Select(v => new VersionResource(v.Versions, Math.Round(v.Likely.LikelySeconds, 1), Math.Round(v.AtConfidenceSeconds, 1), Math.Round(v.Kept, 4), v.Words))],
                At(minutes), versions.Said(minutes, setting),
                [.. UsualSlots.Select(m => new NamedVersion($"{m} min", At(m))), new NamedVersion("all of it", versions.Curve.Count - 1)], Math.Round(best.Gap, 4)));
        })
            .Called("listVersions", "What can be kept of a look in how many minutes.");
        plans.MapPost("/versions.png", async (PlanRequest request, string? at, double? slot, PlanService service, CancellationToken cancel) =>
        {
            var (versions, setting) = await service.VersionsAsync(request, cancel);
            (versions, _) = versions.For(60 * Slot(slot, setting));
            var indices = (at ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries).Select(i => int.TryParse(i, out var index) && index >= 0 && index < versions.Curve.Count ? index
                : throw new InputException("at", ProblemCode.VersionNumber, ("last", versions.Curve.Count - 1))).ToArray();
            if (indices.Length is 0 or > 6)
            {
                throw new InputException("at", ProblemCode.VersionCount);
            }

            var pictures = new List<byte[]>();
            foreach (var index in indices)
            {
                var planned = await service.PlanAsync(request with { Look = PlanService.With(request.Look, versions.Curve[index].Versions), Draft = true }, cancel);
                pictures.Add(BustPicture.Finished(planned, BustView.FaceClose, PictureWidth, PictureHeight).Rgba);
            }

            return TypedResults.File(Png.Of(BustPicture.Beside(pictures, PictureWidth, PictureHeight), pictures.Count * PictureWidth, PictureHeight), "image/png");
        })
            .Called("drawVersions", "Some of those versions, beside each other.")
            .Gives("image/png");
    }

    private static double Slot(double? asked, Setting setting) => (asked ?? setting.SlotMinutes) is >= 0.5 and <= 720 and var minutes ? minutes
        : throw new InputException("slot", ProblemCode.SlotAsked);

    private static int IndexOf(LookVersions versions, LookVersionFound found) => versions.Curve.TakeWhile(v => v != found).Count();

    private static int[] NowOrder(PlannedLook planned) => [.. planned.Steps.Select(s => planned.Network!.IndexOf(s.Key))];

    private static IReadOnlyList<string> Coats(StepNetwork network, IEnumerable<int> order) => [.. order.SelectMany(g => network.Groups[g].Jobs.Select(j => j.Key)).Distinct()];
}

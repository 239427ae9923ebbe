using Datura.Core.Hands;
using Datura.Core.Order;

namespace Datura.Core;

/// <summary>Writes a step as plan data.</summary>
internal static class PlanSteps
{
    public static PlanStep Of(
        Step step, int number, int coatsBefore, IReadOnlyList<ExpandedPart> parts, Kit kit, CoatColours colours, IReadOnlyList<CautionNote> cautions, StepNetwork network)
    {
        var ids = step.Jobs.Select(j => j.PartId).Distinct().ToArray();
        var here = parts.Where(p => ids.Contains(p.Part.Id)).ToArray();
        var lengths = here.SelectMany(p => p.Marks.Sizes.Select(s => new StepLength(p.Label, s with { Value = Math.Round(s.Value, 1) })));
        return new(
            Number: number,
            Key: step.Key,
            Painter: step.Painter,
            Stage: step.Stage,
            Title: Title(step),
            ToolName: step.Tool.Name,
            Hand: Said(step.Jobs[0].Hand),
            Words: StepWords.Of(step, here),
            Paint: PlanParts.PaintName(step.Jobs[0], kit),
            PaintColour: Srgb.From(colours.Of(step.Jobs[0])).Hex,
            PartIds: ids,
            Lengths: step.Stage == Stage.Map
                ? [new("Map", new("Pencil line", Math.Round(step.Jobs.Sum(j => j.LineMm), 0), "mm"))]
                : [.. lengths],
            Poses: [.. step.Poses.Select(p => new PlanPose(p, Catalogue.Of(p).Text))],
            StartSeconds: Math.Round(step.StartSeconds, 1),
            SetUpSeconds: Math.Round(step.SetUpSeconds, 1),
            WorkSeconds: Math.Round(step.WorkSeconds, 1),
            LowSeconds: Math.Round(step.Spread.Range.Low, 1),
            HighSeconds: Math.Round(step.Spread.Range.High, 1),
            WaitSeconds: Math.Round(step.WaitSeconds, 1),
            DryingSeconds: Math.Round(step.DryingSeconds, 1),
            WaitsFor: step.WaitsFor is { } wait ? Wait(wait) : null,
            Meanwhile: step.Meanwhile,
            Why: [.. step.Why.Select(Reason)],
            Pinned: network.PinPlace[network.IndexOf(step.Key)] > 0,
            TiedTo: network.FollowsAt[network.IndexOf(step.Key)] is >= 0 and var next ? network.Groups[next].Key : null,
            Cautions: [.. CautionNote.Together(cautions.Where(c => Concerns(c, step))).Select(c => c.Sentence)],
            Coats: [.. step.Jobs.Select((j, k) => new PlanLaid(
                coatsBefore + k + 1, j.Key, j.PartId, j.PartLabel, j.Role.Label, PlanParts.PaintName(j, kit), Srgb.From(colours.Of(j)).Hex,
                [.. Enum.GetValues<MendingKind>().Where(m => Mendings.Fits(m, j, kit))]))],
            Mendings: [.. step.Jobs.SelectMany(j => j.Mendings.Select(m => Mended(m, j)))]);
    }

    private static PlanMending Mended(PlannedMending mending, CoatJob job) => new(
        mending.Kind, job.Key, mending.Before, Catalogue.Of(mending.Kind).Text,
        Remark.Of(How(mending.Kind), ("tool", mending.Tool?.Name ?? "")).Sentence, Math.Round(mending.Seconds, 1), mending.Proposed);

    private static RemarkCode How(MendingKind kind) => kind switch
    {
        MendingKind.PowderCream => RemarkCode.HowPowderCream,
        MendingKind.WetSpot => RemarkCode.HowWetSpot,
        MendingKind.Mist => RemarkCode.HowMist,
        MendingKind.DabOff => RemarkCode.HowDabOff,
        MendingKind.TakeOutTexture => RemarkCode.HowTakeOutTexture,
        MendingKind.WipeAndRedo => RemarkCode.HowWipeAndRedo,
        MendingKind.EvenUp => RemarkCode.HowEvenUp,
        MendingKind.CleanPoints => RemarkCode.HowCleanPoints,
        _ => RemarkCode.HowReWhiten,
    };

    // As it is asked for in one breath: how, and how wet.
    private static string Said(Hand hand) => $"{Catalogue.Of(hand.Technique).Text}, {Catalogue.Of(hand.Water).Text.ToLowerInvariant()}";

    private static PlanWhy Reason(WhyHere why) => new(
        why.Code, why.Rule.Id, why.Other, why.GivesWayTo?.Id,
        StepNetwork.Capital(Catalogue.Of(why.Code).Filled(Said(("rule", why.Rule.Words), ("other", why.Other), ("stronger", why.GivesWayTo?.Words)))), why.Rule.Strict);

    private static PlanWait Wait(WaitsFor wait) => new(wait.Code, wait.Other, Catalogue.Of(wait.Code).Filled(Said(("other", wait.Other))));

    private static Dictionary<string, object> Said(params (string Name, string? Value)[] values) => values.Where(v => v.Value is not null).ToDictionary(v => v.Name, v => (object)v.Value!);

    private static string Title(Step step)
    {
        var names = step.Jobs.Select(j => (j.PartLabel, j.Role)).Distinct()
            .Select(j => step.Stage == Stage.Map ? "Map in pencil"
                : j.Role.Label == j.PartLabel ? j.PartLabel
                : $"{j.PartLabel}: {j.Role.Label.ToLowerInvariant()}").Distinct();
        return string.Join(", ", names);
    }

    // A caution belongs to the steps that lay its part's coats, those of its paint or role alone when it names one.
    private static bool Concerns(CautionNote caution, Step step) => step.Jobs.Any(j =>
        caution.Parts.Any(p => p.Id == j.PartId) && (caution.Role is null || caution.Role == j.Role.Id) && (caution.Paint is null || j.Mix.Shares.Any(s => s.Paint == caution.Paint)));
}

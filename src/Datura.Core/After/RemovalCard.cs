using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.After;

/// <summary>How a painted look comes off again: what takes off which material, in which order and how long it takes.</summary>
public sealed record RemovalCard(string Look, IReadOnlyList<RemovalStep> Steps, double Minutes, IReadOnlyList<string> Rules)
{
    // Minutes by area and by piece: from memory and by judgement, unverified.
    private const double HandsMinutes = 1;
    private const double GemMinutes = 0.25;
    private const double FlakesPer100Cm2 = 1.5;
    private const double EyeMinutes = 1;
    private const double CreamPer100Cm2 = 0.8;
    private const double WaterPer100Cm2 = 0.6;
    private const double StartMinutes = 0.5;
    private const double LipsMinutes = 0.5;
    private const double HairMinutes = 2;
    private const double CareMinutes = 1;

    /// <param name="brings">What the wearer brings along; hair on the face takes longer.</param>
    public static RemovalCard Of(PlannedLook planned, Kit kit, IReadOnlyList<WearerCaution> brings)
    {
        CoatJob[] jobs = [.. planned.InOrder.Where(j => !j.Hand.TakesNoPaint)];
        RemovalStep[] steps = [.. Enum.GetValues<RemovalKind>().Select(k => Of(k, jobs, kit, brings)).OfType<RemovalStep>()];
        return new(planned.Plan.Look, steps, steps.Sum(s => s.Minutes),
            [Remark.Of(RemarkCode.StopWashDoctor).Sentence, Remark.Of(RemarkCode.OffBeforeSleep).Sentence, Remark.Of(RemarkCode.LabelOfRemover).Sentence]);
    }

    private static RemovalStep? Of(RemovalKind kind, CoatJob[] jobs, Kit kit, IReadOnlyList<WearerCaution> brings)
    {
        (CoatJob Job, PaintDescription Paint)[] laid = [.. jobs.SelectMany(j => j.Mix.Shares.Select(s => (j, PaintOptics.Find(kit, s.Paint)))).Where(l => Takes(kind, l.Item1, l.Item2))];
        if (jobs.Length == 0 || (laid.Length == 0 && kind is not (RemovalKind.Hands or RemovalKind.Care)))
        {
            return kind == RemovalKind.Hair && jobs.Length > 0 && brings.Contains(WearerCaution.Beard) ? Step(kind, HairMinutes, []) : null;
        }

        var cm2 = laid.Select(l => l.Job).DistinctBy(j => j.Key).Sum(j => j.Footprint.AreaMm2) / 100;
        var minutes = kind switch
        {
            RemovalKind.Hands => HandsMinutes,
            RemovalKind.Gems => GemMinutes * laid.Select(l => l.Job).DistinctBy(j => j.Key).Sum(j => j.Coats * j.DrawnMarks),
            RemovalKind.Flakes => StartMinutes + FlakesPer100Cm2 * cm2 / 100,
            RemovalKind.Lids => 2 * EyeMinutes,
            RemovalKind.Cream => StartMinutes + CreamPer100Cm2 * cm2 / 100,
            RemovalKind.Water => StartMinutes + WaterPer100Cm2 * cm2 / 100,
            RemovalKind.Lips => LipsMinutes,
            RemovalKind.Hair => HairMinutes,
            _ => CareMinutes,
        };
        return Step(kind, minutes, kind is RemovalKind.Lids or RemovalKind.Lips or RemovalKind.Hair ? [] : [.. laid.Select(l => l.Paint.Name).Distinct().Order(StringComparer.Ordinal)]);
    }

    private static RemovalStep Step(RemovalKind kind, double minutes, IReadOnlyList<string> paints) =>
        new(kind, Catalogue.Of(kind).Text, Remark.Of(How(kind)).Sentence, Math.Round(minutes, 1), paints);

    private static bool Takes(RemovalKind kind, CoatJob job, PaintDescription paint) => kind switch
    {
        RemovalKind.Gems => paint.Material == Material.Gem,
        RemovalKind.Flakes => paint.Material is Material.Glitter or Material.Leaf,
        RemovalKind.Lids => job.Zones.Any(z => z is Zone.Lid or Zone.Orbit),
        RemovalKind.Cream => paint.Material is Material.Cream or Material.Pencil,
        RemovalKind.Water => paint.Material is Material.WaterCake or Material.SplitCake or Material.Metallic or Material.Pigment or Material.Powder or Material.Gel,
        RemovalKind.Lips => job.Zones.Contains(Zone.Lips),
        RemovalKind.Hair => job.Zones.Contains(Zone.Scalp),
        _ => false,
    };

    private static RemarkCode How(RemovalKind kind) => kind switch
    {
        RemovalKind.Hands => RemarkCode.OffHands,
        RemovalKind.Gems => RemarkCode.OffGems,
        RemovalKind.Flakes => RemarkCode.OffFlakes,
        RemovalKind.Lids => RemarkCode.OffLids,
        RemovalKind.Cream => RemarkCode.OffCream,
        RemovalKind.Water => RemarkCode.OffWater,
        RemovalKind.Lips => RemarkCode.OffLips,
        RemovalKind.Hair => RemarkCode.OffHair,
        _ => RemarkCode.OffCare,
    };
}

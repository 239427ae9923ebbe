using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Caution;

/// <summary>What wind, rain, heat, food and a costume that matters do to a coat (common practice).</summary>
public static class SettingCautions
{
    public static IEnumerable<CautionNote> For(CoatJob job, Setting setting, Kit kit)
    {
        if (job.Role.Stage == Stage.Map || setting.Conditions.Count == 0)
        {
            yield break;
        }

        var eyes = job.Zones.Any(z => z is Zone.Lid or Zone.Orbit);
        foreach (var paint in job.Mix.Shares.Select(s => PaintOptics.Find(kit, s.Paint)).Where(p => IsLoose(p, job)))
        {
            if (setting.Conditions.Contains(Condition.Wind))
            {
                yield return Of(CautionCode.LooseInWind, eyes ? Severity.Stop : Severity.Warning, job, paint, ("setting", setting.Name));
            }

            if (setting.Conditions.Contains(Condition.CostumeMatters))
            {
                yield return Of(CautionCode.LooseOverCostume, Severity.Warning, job, paint);
            }
        }

        var materials = job.Mix.Shares.Select(s => PaintOptics.Find(kit, s.Paint).Material).ToArray();
        if (setting.Conditions.Contains(Condition.Heat) && setting.Drying != DryingAid.Powder && materials.Contains(Material.Cream))
        {
            yield return Of(CautionCode.CreamInHeat, Severity.Warning, job) with { Remedies = [new(MendingKind.PowderCream, job.Key)] };
        }

        if (setting.Conditions.Contains(Condition.Rain) && materials.Any(m => Materials.Of(m).LiftedByWater))
        {
            yield return Of(CautionCode.WashedByRain, Severity.Warning, job);
        }

        if (setting.Conditions.Contains(Condition.FoodAndDrink) && job.Zones.Contains(Zone.Lips))
        {
            yield return Of(CautionCode.FoodSpoilsMouth, Severity.Note, job);
        }
    }

    /// <summary>What holds for the whole evening.</summary>
    public static IEnumerable<CautionNote> Whole(Setting setting)
    {
        if (setting.OnOneself && setting.Conditions.Contains(Condition.NoMirror))
        {
            yield return new(CautionCode.NoMirror, Severity.Warning) { Names = new Dictionary<string, string> { ["setting"] = setting.Name } };
        }

        // From a working day on the skin wants looking at (from memory).
        if (setting.WearHours is >= 4 and var hours)
        {
            yield return new(CautionCode.LongWear, hours > 8 ? Severity.Warning : Severity.Note) { Numbers = new Dictionary<string, double> { ["hours"] = hours } };
        }
    }

    /// <summary>Whether it flies or spatters: powder, dust, leaf and flakes that are not bound, metal that runs, and whatever is splattered.</summary>
    public static bool IsLoose(PaintDescription paint, CoatJob job) => IsDust(paint.Material) || (paint.Material == Material.Metallic && job.Hand.Water == Water.Runny)
        || job.Hand.Technique == Technique.Splatter;

    internal static bool IsDust(Material material) => material is Material.Powder or Material.Pigment or Material.Glitter or Material.Leaf;

    private static CautionNote Of(CautionCode code, Severity severity, CoatJob job) => new(code, severity) { Parts = [new(job.PartId, job.PartLabel)] };

    private static CautionNote Of(CautionCode code, Severity severity, CoatJob job, PaintDescription paint, params (string Name, string Word)[] names) => Of(code, severity, job) with
    {
        Paint = paint.Id,
        Names = names.Append(("paint", paint.Name)).ToDictionary(n => n.Item1, n => n.Item2),
    };
}

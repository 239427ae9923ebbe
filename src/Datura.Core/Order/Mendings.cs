using Datura.Core.Hands;
using Datura.Core.Paint;

namespace Datura.Core.Order;

/// <summary>What preparing and mending takes, where it has something to do, and what it changes (common practice; shares and seconds from memory, unverified).</summary>
public static class Mendings
{
    /// <summary>A sprayed mist falls for so long.</summary>
    private const double MistSeconds = 12;

    /// <summary>Looking from left to right and back before anything is evened up.</summary>
    private const double CompareSeconds = 5;

    /// <summary>A damp tip along one point.</summary>
    private const double PointSeconds = 1.5;

    /// <summary>Wiping takes such a share of filling the same ground with a sponge.</summary>
    private const double WipeShare = 0.5;

    /// <summary>Powder that only sets is pressed on quicker than powder that colours, against filling with the puff.</summary>
    private const double PowderShare = 0.3;

    /// <summary>Dabbing dry or even goes over the ground once, a sponge's quickest pass.</summary>
    private const double DabShare = 0.5;

    /// <summary>Share of the strokes that are done again to even up, or to bring lost edges back.</summary>
    private const double AgainShare = 0.3;

    /// <summary>What is dabbed off is as much sooner dry.</summary>
    private const double DabbedDrying = 0.5;

    /// <summary>A cream under powder may be worked over at once but for a moment; the setting's powder (<see cref="Rates"/>) counts the pressing in as well.</summary>
    private const double PowderedSeconds = 5;

    /// <summary>Whether it has something to do for a coat.</summary>
    public static bool Fits(MendingKind kind, CoatJob job, Kit kit) => job.Role.Stage != Stage.Map && kind switch
    {
        MendingKind.PowderCream => Of(job, kit).Contains(Material.Cream),
        MendingKind.WetSpot => job.OnDamp,
        MendingKind.DabOff => Of(job, kit).Any(Materials.Mixes),
        MendingKind.TakeOutTexture => (job.AreaMm2 > 0 || job.Hand.Risks.Contains(HandRisk.Streaks)) && Of(job, kit).Any(Materials.Mixes),
        MendingKind.EvenUp => job.Marks.Any(m => m.Side == Side.Left) && job.Marks.Any(m => m.Side == Side.Right),
        MendingKind.CleanPoints => !ToolForms.IsBroad(job.Hand.Tool.Form) || job.Hand.Risks.Contains(HandRisk.Bleeds),
        MendingKind.ReWhiten => !ToolForms.IsBroad(job.Hand.Tool.Form),
        _ => true,
    };

    /// <summary>The coats with what the painter wants done for them, and what is proposed and she has not taken out.</summary>
    /// <param name="jobs">As they were measured, nothing mended yet.</param>
    /// <param name="proposed">What would help and is neither asked for nor taken out.</param>
    public static IReadOnlyList<CoatJob> With(IReadOnlyList<CoatJob> jobs, IReadOnlyList<Mending>? asked, IReadOnlyCollection<Remedy> proposed, Kit kit)
    {
        var own = (asked ?? []).ToLookup(m => m.Coat);
        var needed = proposed.ToLookup(m => m.Coat);
        return own.Count == 0 && needed.Count == 0 ? jobs : [.. jobs.Select(job => Done(job, [.. own[job.Key]], [.. needed[job.Key]], kit))];
    }

    private static CoatJob Done(CoatJob job, IReadOnlyList<Mending> own, IReadOnlyList<Remedy> needed, Kit kit)
    {
        if (own.Count == 0 && needed.Count == 0)
        {
            return job;
        }

        var wanted = own.Where(m => !m.TakenOut).Select(m => Planned(m.Kind, job, kit, m.Seconds, false)).Concat(needed.Select(n => Planned(n.Kind, job, kit, null, true))).OrderBy(m => m.Kind).ToArray();
        bool Does(MendingKind kind) => wanted.Any(m => m.Kind == kind) && Fits(kind, job, kit);
        var drying = job.DryingSeconds * (Does(MendingKind.DabOff) ? DabbedDrying : 1);
        if (Does(MendingKind.PowderCream))
        {
            drying = Math.Min(drying, PowderedSeconds);
        }

        return wanted.Length == 0 ? job : job with { Mendings = wanted, DryingSeconds = drying };
    }

    private static PlannedMending Planned(MendingKind kind, CoatJob job, Kit kit, double? own, bool proposed)
    {
        var tool = Tool(kind, job, kit);
        return new(kind, tool, own ?? Seconds(kind, job, tool), proposed);
    }

    private static ToolDescription? Tool(MendingKind kind, CoatJob job, Kit kit) => kind switch
    {
        MendingKind.PowderCream => KitTools.Nearest(kit, Domain.Tool.Puff) ?? UsualTools.Find(Domain.Tool.Puff),
        MendingKind.WetSpot or MendingKind.CleanPoints => KitTools.Nearest(kit, Domain.Tool.Round2) ?? UsualTools.Find(Domain.Tool.Round2),
        MendingKind.DabOff or MendingKind.TakeOutTexture when ToolForms.IsSponge(job.Hand.Tool.Form) => job.Hand.Tool,
        MendingKind.DabOff or MendingKind.TakeOutTexture => KitTools.Nearest(kit, Domain.Tool.Sponge) ?? UsualTools.Find(Domain.Tool.Sponge),
        MendingKind.Mist => null,
        _ => job.Hand.Tool,
    };

    private static double Seconds(MendingKind kind, CoatJob job, ToolDescription? tool)
    {
        var takeUp = tool is null || tool.Id == job.Hand.Tool.Id ? 0 : job.Pace.Of(Rates.ToolChange);
        var ground = Math.Max(job.AreaMm2, job.Footprint.AreaMm2) / 100;
        double Pass(ToolDescription with) => ground / job.Pace.Of(with).AreaCm2PerMinute * 60;
        return takeUp + kind switch
        {
            MendingKind.PowderCream => PowderShare * Pass(tool!),
            MendingKind.WetSpot => Math.Max(1, job.DrawnMarks) * job.Pace.Of(Rates.PressDot),
            MendingKind.Mist => MistSeconds,
            MendingKind.DabOff or MendingKind.TakeOutTexture => DabShare * Pass(tool!),
            MendingKind.WipeAndRedo => job.Pace.Of(Rates.ToolChange) + WipeShare * Pass(UsualTools.Find(Domain.Tool.Sponge)) + job.Pace.Of(Rates.Reloading) + job.BrushSeconds,
            MendingKind.EvenUp => CompareSeconds + AgainShare * job.BrushSeconds,
            MendingKind.CleanPoints => Points(job) * PointSeconds,
            _ => job.Pace.Of(Rates.Reloading) + AgainShare * job.BrushSeconds,
        };
    }

    // A stroke has two ends; a figure is taken for as many, a dot for none.
    private static int Points(CoatJob job) => Math.Max(1, 2 * job.Marks.Count(m => m is not (DotMark or RegionMark { Pulled: true })));

    private static IEnumerable<Material> Of(CoatJob job, Kit kit) => job.Mix.Shares.Select(s => PaintOptics.Find(kit, s.Paint).Material);
}

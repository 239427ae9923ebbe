using Datura.Core.Body;
using Datura.Core.Fit;
using Datura.Core.Form;
using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Learn;

/// <summary>
/// What would make a look quicker: changes to the steps that cost most, each planned anew and looked at, ranked by seconds saved for what the
/// picture loses. The painter decides.
/// </summary>
public static class Quicker
{
    // So many of the costliest coats are tried with so many other tools, and so many pairs of near colours; each trial is a plan (some 70 ms).
    private const int MostCoats = 6;
    private const int MostTools = 4;
    private const int MostPairs = 6;
    private const int MostSubsets = 10;

    // Colours farther apart are no longer one colour to anybody (by judgement).
    private const double NearDeltaE = 12;

    // What saves less is no advice.
    private const double LeastSeconds = 2;

    private const double OrderSeconds = 1.5;

    /// <param name="body">The face's.</param>
    /// <param name="setting">With the painter's own times, where they are known.</param>
    /// <param name="costly">What its steps took, from the book; what was never timed counts as planned.</param>
    public static IReadOnlyList<QuickerIdea> Of(
        Look look, FittedBody body, Face face, Kit kit, Setting setting, IReadOnlyList<CostlyStep> costly, ChromaticAdaptation? light = null, CancellationToken cancel = default)
    {
        var planned = Planner.Plan(look, face, body, kit, setting, FormGrid.CoarsePixels, cancel: cancel);
        var grid = FormGrid.Of(planned.Body, FormGrid.CoarsePixels);
        SeenFace Seen(PlannedLook of) => SeenFace.Of(of.Coats.SelectMany(c => c), of.Skin, grid, light, setting.ViewingDistanceM);
        var (whole, bare) = (Seen(planned), SeenFace.Of([], planned.Skin, grid, light, setting.ViewingDistanceM));
        var painted = Math.Max(1, whole.Cells.Zip(bare.Cells).Select((c, k) => c.First == c.Second ? 0 : grid.AreaMm2[k]).Sum());
        var trials = OtherTools(look, planned, kit, costly).Concat(OneLoads(look, planned, kit)).Concat(WithoutCoats(look, planned, costly)).ToArray();
        var found = trials.AsParallel().AsOrdered().WithCancellation(cancel).Select(trial =>
        {
            try
            {
                var tried = Planner.Plan(trial.Look, face, body, kit, setting, FormGrid.CoarsePixels, cancel: cancel);
                return new QuickerIdea(trial.Kind, trial.What, trial.Instead, Math.Round(planned.Plan.TotalSeconds - tried.Plan.TotalSeconds, 1), Math.Round(whole.Difference(Seen(tried), grid) / painted, 3));
            }
            catch (PlanException)
            {
                // A tool that cannot lay this coat is no idea.
                return null;
            }
        }).OfType<QuickerIdea>().ToList();
        found.AddRange(OtherOrder(planned, cancel));
        found.AddRange(Prepared(planned));
        return
        [
            .. found.Where(i => i.SavedSeconds >= LeastSeconds).GroupBy(i => (i.Kind, i.What)).Select(g => g.MaxBy(i => i.SecondsPerDeltaE)!)
                .OrderByDescending(i => i.SecondsPerDeltaE).ThenByDescending(i => i.SavedSeconds).ThenBy(i => i.What, StringComparer.Ordinal),
        ];
    }

    private static IEnumerable<Trial> OtherTools(Look look, PlannedLook planned, Kit kit, IReadOnlyList<CostlyStep> costly)
    {
        // Some other tool than the quickest is seldom worth a change of hands.
        var tools = KitTools.Owned(kit).Where(t => ToolForms.Paints(t.Form) && t.Form != ToolForm.Pencil).ToArray();
        foreach (var job in Costliest(planned, costly).Take(MostCoats))
        {
            var now = job.Hand.Tool;
            var stencil = planned.Parts.First(p => p.Part.Id == job.PartId).Kind.StencilRoles.Contains(job.Role);
            // Whatever its technique: another tool has its own.
            var free = job with { Lay = job.Lay with { Technique = null, Water = null } };
            foreach (var tool in tools.Where(t => t.Id != now.Id && ToolFit.With(free, t, kit, stencil) is not null && (t.AreaCm2PerMinute > now.AreaCm2PerMinute || t.LineMmPerSecond > now.LineMmPerSecond))
                .OrderByDescending(t => t.AreaCm2PerMinute).Take(MostTools))
            {
                yield return new(QuickerKind.OtherTool, $"{job.PartLabel}, {Lower(job.Role.Label)}", tool.Name, Changed(look, job.PartId, part => part with
                {
                    Laid = With(part.Laid, job.Role.Id, part.LayOf(job.Role.Id) with { Tool = tool.Id, Technique = null, Water = null }),
                }));
            }
        }
    }

    // Of two near colours the smaller coat takes the other's.
    private static IEnumerable<Trial> OneLoads(Look look, PlannedLook planned, Kit kit)
    {
        var jobs = planned.Jobs.Where(j => j.Role.Stage != Stage.Map && j.Lay.Split is null && look.Parts.Any(p => p.Id == j.PartId)).ToArray();
        var colours = jobs.Select(j => new PaintStackProbe(PaintOptics.Of(j.Mix, kit)).OpaqueColour).ToArray();
        var pairs = new List<(int Small, int Large, double Off)>();
        for (var a = 0; a < jobs.Length; a++)
        {
            for (var b = 0; b < jobs.Length; b++)
            {
                if (jobs[a].Load != jobs[b].Load && jobs[a].Role.Stage == jobs[b].Role.Stage && jobs[a].Hand.Tool.Id == jobs[b].Hand.Tool.Id && jobs[a].Footprint.AreaMm2 < jobs[b].Footprint.AreaMm2
                    && ColourDifference.DeltaE00(colours[a], colours[b]) is var off && off < NearDeltaE)
                {
                    pairs.Add((a, b, off));
                }
            }
        }

        return pairs.OrderBy(p => p.Off).DistinctBy(p => p.Small).Take(MostPairs).Select(p => new Trial(
            QuickerKind.OneLoad, $"{jobs[p.Small].PartLabel}, {Lower(jobs[p.Small].Role.Label)}", PlanParts.PaintName(jobs[p.Large].Mix, kit),
            Changed(look, jobs[p.Small].PartId, part => part with { Paints = new Dictionary<string, PaintMix>(part.Paints) { [jobs[p.Small].Role.Id] = jobs[p.Large].Mix } })));
    }

    private static IEnumerable<Trial> WithoutCoats(Look look, PlannedLook planned, IReadOnlyList<CostlyStep> costly)
    {
        var cost = Costliest(planned, costly).Select((j, k) => (j.PartId, k)).GroupBy(j => j.PartId).ToDictionary(g => g.Key, g => g.Min(j => j.k));
        return planned.Parts.Where(p => !p.Kind.IsReckoned && look.Parts.Any(l => l.Id == p.Part.Id) && cost.ContainsKey(p.Part.Id)).OrderBy(p => cost[p.Part.Id])
            .SelectMany(p => CoatSubsets.Of([.. planned.InOrder.Where(j => j.PartId == p.Part.Id)])
                .Select(roles => new Trial(QuickerKind.WithoutCoat, $"{p.Label}: {LookVersion.WithoutWords(p.Kind, roles)}", "", Changed(look, p.Part.Id, part => part with { Without = [.. part.Without, .. roles] }))))
            .Take(MostSubsets);
    }

    private static IEnumerable<QuickerIdea> OtherOrder(PlannedLook planned, CancellationToken cancel)
    {
        var found = ShortestOrder.Of(planned.Network!, OrderSeconds, cancel: cancel);
        yield return new(QuickerKind.OtherOrder, "", "", Math.Round(planned.Plan.TotalSeconds - found.Table.TotalSeconds, 1), 0);
    }

    // Every load of a mix is stirred; a palette that is made before the wearer sits down is not.
    private static IEnumerable<QuickerIdea> Prepared(PlannedLook planned)
    {
        var (loads, seconds) = (new Dictionary<int, string>(), 0.0);
        foreach (var step in planned.Steps)
        {
            var job = step.Jobs[0];
            if (job.Mix.Shares.Count > 1 && job.Lay.Split is null && loads.GetValueOrDefault(step.Painter) != job.Load)
            {
                seconds += job.Pace.Of(Rates.Mixing);
            }

            loads[step.Painter] = job.Load;
        }

        yield return new(QuickerKind.PreparedPalette, "", "", Math.Round(seconds, 1), 0);
    }

    // By what the steps take in life where that is known.
    private static IEnumerable<CoatJob> Costliest(PlannedLook planned, IReadOnlyList<CostlyStep> costly)
    {
        var taken = costly.ToDictionary(c => c.Key, c => c.TakenSeconds);
        return planned.Steps.Where(s => s.Stage != Stage.Map)
            .SelectMany(s => s.Jobs.Select(j => (Job: j, Seconds: taken.GetValueOrDefault(s.Key, s.SetUpSeconds + s.WorkSeconds) * j.WorkSeconds / Math.Max(1e-9, s.Jobs.Sum(o => o.WorkSeconds)))))
            .Where(j => j.Job.PartId != FormKind.PartId).OrderByDescending(j => j.Seconds).ThenBy(j => j.Job.Key, StringComparer.Ordinal).Select(j => j.Job);
    }

    private static Look Changed(Look look, string part, Func<Part, Part> change) => look with { Parts = [.. look.Parts.Select(p => p.Id == part ? change(p) : p)] };

    private static Dictionary<string, CoatLay> With(IReadOnlyDictionary<string, CoatLay>? laid, string role, CoatLay lay) => new(laid ?? new Dictionary<string, CoatLay>()) { [role] = lay };

    private static string Lower(string words) => words.Length == 0 ? words : char.ToLowerInvariant(words[0]) + words[1..];

    private sealed record Trial(QuickerKind Kind, string What, string Instead, Look Look);
}

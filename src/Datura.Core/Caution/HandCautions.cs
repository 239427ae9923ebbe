using Datura.Core.Hands;
using Datura.Core.Order;

namespace Datura.Core.Caution;

/// <summary>What comes of the tool, technique and water that a coat is laid with.</summary>
public static class HandCautions
{
    // Half as broad again as the figure, a tool is still kept inside by its edge or corner (by judgement).
    private const double Reach = 1.5;

    /// <param name="smear">ΔE00 by which it takes up what lies beneath, since it does not wait for it.</param>
    public static IEnumerable<CautionNote> For(CoatJob job, double smear = 0)
    {
        if (smear >= CoatColours.HiddenDeltaE)
        {
            yield return Note(job, CautionCode.Smears, Severity.Note) with { Numbers = new Dictionary<string, double> { ["off"] = smear } };
        }

        var hand = job.Hand;
        if (hand.StandsInFor is { } wanted)
        {
            var named = UsualTools.All.FirstOrDefault(t => t.Id == wanted)?.Name ?? wanted;
            yield return Note(job, hand.Tool.Id == wanted ? CautionCode.NoToolForIt : CautionCode.ToolStandsIn, Severity.Note, ("wanted", named));
        }

        if (NarrowestMm(job) is { } narrow && hand.FinestMm > Reach * narrow)
        {
            yield return Note(job, CautionCode.ToolTooBroad, Severity.Warning) with { Numbers = new Dictionary<string, double> { ["finest"] = hand.FinestMm, ["narrow"] = narrow } };
        }

        // How many of its marks a full load lays.
        if (job.Lay.MarksPerLoad is { } marks && job.Coats * job.DrawnMarks / job.LoadsTaken is var lasts && lasts < Math.Min(marks, job.Coats * job.DrawnMarks))
        {
            yield return Note(job, CautionCode.LoadRunsOut, Severity.Note) with { Numbers = new Dictionary<string, double> { ["lasts"] = lasts, ["wanted"] = marks } };
        }

        foreach (var risk in hand.Risks)
        {
            yield return Note(job, risk switch
            {
                HandRisk.Streaks => CautionCode.Streaks,
                HandRisk.Bleeds => CautionCode.Bleeds,
                HandRisk.Runs => CautionCode.Runs,
                _ => CautionCode.Drags,
            }, Severity.Note) with
            {
                Remedies = Mended(risk, job),
            };
        }
    }

    /// <summary>Mean width of the narrowest filled figure, mm: twice its area by its outline; null when none is filled.</summary>
    private static double? NarrowestMm(CoatJob job) =>
        job.Marks.OfType<RegionMark>().Where(r => !r.Outline.IsEmpty && !r.Pulled).Select(r => (double?)(2 * r.Outline.Area / r.Outline.Length)).DefaultIfEmpty(null).Min();

    // What is done about paint that was too wet (common practice); what drags is only helped by water.
    private static Remedy[] Mended(HandRisk risk, CoatJob job) => risk switch
    {
        HandRisk.Streaks => [new(MendingKind.TakeOutTexture, job.Key)],
        HandRisk.Bleeds => [new(MendingKind.CleanPoints, job.Key)],
        HandRisk.Runs => [new(MendingKind.DabOff, job.Key)],
        _ => [],
    };

    private static CautionNote Note(CoatJob job, CautionCode code, Severity severity, params (string Name, string Word)[] names) => new(code, severity)
    {
        Parts = [new(job.PartId, job.PartLabel)],
        Role = job.Role.Id,
        Names = names.Append(("tool", job.Hand.Tool.Name)).Append(("coat", job.Role.Label.ToLowerInvariant())).ToDictionary(n => n.Item1, n => n.Item2),
    };
}

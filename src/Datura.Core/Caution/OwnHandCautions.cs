using Datura.Core.Body;
using Datura.Core.Order;

namespace Datura.Core.Caution;

/// <summary>What whoever paints herself cannot reach or hardly sees (common practice).</summary>
public static class OwnHandCautions
{
    private static readonly Zone[] Beyond = [Zone.Nape, Zone.Back];
    private static readonly Zone[] HardlySeen = [Zone.Ear, Zone.UnderJaw, Zone.NeckSide, Zone.Shoulder, Zone.Scalp];

    public static IEnumerable<CautionNote> For(CoatJob job) => !job.Pace.OnOneself || job.Role.Stage == Stage.Map ? []
        : job.Zones.Where(Beyond.Contains).Select(z => Note(CautionCode.BeyondOwnHand, Severity.Warning, job, z))
            .Concat(job.Zones.Where(HardlySeen.Contains).Select(z => Note(CautionCode.BySecondMirror, Severity.Note, job, z)));

    private static CautionNote Note(CautionCode code, Severity severity, CoatJob job, Zone zone) =>
        new(code, severity) { Parts = [new(job.PartId, job.PartLabel)], Zone = zone.Name(), At = job.Footprint.Inside };
}

using Datura.Core.Form;

namespace Datura.Core.Caution.Checks;

/// <summary>Lines and dots too fine for the back row: thinner than an eye resolves from the viewing distance.</summary>
public static class TooFine
{
    private const int MostNamed = 4;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        if (look.DistanceM is not { } distance)
        {
            return [];
        }

        var finest = VisualAcuity.FinestMm(distance);
        return look.Jobs.Where(j => j.Role.Stage is not (Stage.Map or Stage.Base) && j.Marks.Count > 0)
            .Select(j => (Job: j, Widest: j.Marks.Max(m => m switch { StrokeMark s => s.WidthsMm.Max(), DotMark d => d.DiameterMm, _ => double.PositiveInfinity })))
            .Where(j => j.Widest < finest).OrderBy(j => j.Widest).Take(MostNamed)
            .Select(j => new CautionNote(CautionCode.TooFine, Severity.Note)
            {
                Parts = [new(j.Job.PartId, j.Job.PartLabel)],
                Role = j.Job.Role.Id,
                Numbers = new Dictionary<string, double> { ["widest"] = j.Widest, ["distance"] = distance, ["finest"] = finest },
                Names = new Dictionary<string, string> { ["coat"] = j.Job.Role.Label.ToLowerInvariant() },
                At = j.Job.Footprint.Inside,
            });
    }
}

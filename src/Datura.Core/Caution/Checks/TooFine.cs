using Datura.Core.Form;
using Datura.Core.Shapes;

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

        var finest = Eye.FinestMm(distance);
        return look.Jobs.Where(j => j.Role.Stage is not (Stage.Map or Stage.Base) && j.Marks.Count > 0)
            .Select(j => (Job: j, Widest: j.Marks.Max(m => m switch { StrokeMark s => s.WidthsMm.Max(), DotMark d => d.DiameterMm, _ => double.PositiveInfinity })))
            .Where(j => j.Widest < finest).OrderBy(j => j.Widest).Take(MostNamed)
            .Select(j => new CautionNote(Severity.Note, FormattableString.Invariant(
                $"{j.Job.PartLabel}, {j.Job.Role.Label.ToLowerInvariant()}: {j.Widest:0.#} mm at the widest is lost from {distance:0.#} m. Draw it {finest:0.#} mm wide, or leave it out."),
                j.Job.PartId, j.Job.Footprint.Inside));
    }
}

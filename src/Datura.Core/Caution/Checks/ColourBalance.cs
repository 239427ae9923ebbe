using Datura.Core.Paint;

namespace Datura.Core.Caution.Checks;

/// <summary>A hue used only at the top, only at the bottom or only on one side does not hold the figure together (common practice).</summary>
public static class ColourBalance
{
    // What counts as a clear hue, and as enough of it to be missed elsewhere (common practice).
    private const double ClearChroma = 22;
    private const int Hues = 8;
    private const double LeastCm2 = 1.5;
    private const double LeastAllCm2 = 25;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var middle = look.Body.At(Landmark.Subnasale).YMm;
        var painted = look.Jobs.Where(j => j.Role.Stage is not (Stage.Map or Stage.Base)).ToArray();
        if (painted.Sum(j => j.Footprint.AreaMm2) < 100 * LeastAllCm2)
        {
            yield break;
        }

        var hues = painted.Select(j => (Job: j, Colour: new PaintStackProbe(PaintOptics.Of(j.Main, look.Kit)).OpaqueColour))
            .Where(j => j.Colour.Chroma() > ClearChroma).GroupBy(j => (int)Math.Floor((Math.Atan2(j.Colour.B, j.Colour.A) / (2 * Math.PI) + 1) % 1 * Hues));
        foreach (var hue in hues)
        {
            var places = hue.SelectMany(j => j.Job.Footprint.Cells()).Select(c => Lattice.Middle(c.Row, c.Column)).ToArray();
            if (places.Length * Lattice.CellMm * Lattice.CellMm < 100 * LeastCm2)
            {
                continue;
            }

            var where = places.All(p => p.YMm > middle) ? "above the mouth" : places.All(p => p.YMm < middle) ? "below the nose"
                : places.All(p => p.XMm > 0) ? "on the wearer's left" : places.All(p => p.XMm < 0) ? "on the wearer's right" : null;
            if (where is not null)
            {
                var job = hue.MaxBy(j => j.Job.Footprint.AreaMm2).Job;
                yield return new(CautionCode.HueOnOneEnd, Severity.Note)
                {
                    Parts = [new(job.PartId, job.PartLabel)],
                    Names = new Dictionary<string, string> { ["paint"] = PlanParts.PaintName(job.Mix, look.Kit), ["where"] = where },
                    At = job.Footprint.Inside,
                };
            }
        }
    }
}

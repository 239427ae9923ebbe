namespace Datura.Core.Caution.Checks;

/// <summary>A shape that the base spares, so that it stays pure, and that something else hides afterwards (common practice).</summary>
public static class SparedThenCovered
{
    // Lights and lines over it are meant; what hides more of it than half is hardly (by judgement).
    private const double MostCovered = 0.5;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        if (look.Colours is not { } colours)
        {
            yield break;
        }

        foreach (var spared in look.Parts.Where(p => p.Part.Reserved))
        {
            var coat = spared.Kind.Roles[0].Id;
            if (colours.InOrder.FirstOrDefault(j => j.PartId == spared.Part.Id && j.Role.Id == coat) is not { } shape || shape.Footprint.AreaMm2 <= 0)
            {
                continue;
            }

            var hides = colours.InOrder.SkipWhile(j => j != shape).Skip(1).Where(j => j.PartId != shape.PartId && j.Role.Stage != Stage.Map)
                .Select(j => (Job: j, Share: j.Footprint.SharedMm2(shape.Footprint) / shape.Footprint.AreaMm2))
                .Where(j => j.Share > MostCovered && colours.Hides(j.Job, shape)).OrderByDescending(j => j.Share).FirstOrDefault();
            if (hides.Job is { } over)
            {
                yield return new(CautionCode.SparedThenCovered, Severity.Warning)
                {
                    Parts = [new(shape.PartId, shape.PartLabel)],
                    Numbers = new Dictionary<string, double> { ["share"] = 100 * Math.Min(1, hides.Share) },
                    Names = new Dictionary<string, string> { ["over"] = over.Role.Label == over.PartLabel ? over.PartLabel : $"{over.PartLabel}, {over.Role.Label.ToLowerInvariant()}" },
                    At = shape.Footprint.Inside,
                };
            }
        }
    }
}

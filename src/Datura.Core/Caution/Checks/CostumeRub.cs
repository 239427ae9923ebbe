using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>Paint so near the costume that it rubs off on it, where that matters.</summary>
public static class CostumeRub
{
    /// <summary>A collar moves by about this (common practice).</summary>
    public const double NearMm = 8;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        if (look.Setting?.Conditions.Contains(Condition.CostumeMatters) != true)
        {
            yield break;
        }

        var edge = look.Costume.Edge(look.Body);
        var rubs = Footprint.Of([new StrokeMark("edge", Side.Middle, edge, [.. edge.Select(_ => 2 * NearMm)])]);
        foreach (var part in look.Parts)
        {
            if (look.Jobs.FirstOrDefault(j => j.PartId == part.Part.Id && j.Role.Stage != Stage.Map && j.Footprint.Overlaps(rubs)) is { } job)
            {
                yield return new(CautionCode.RubsOnCostume, Severity.Note)
                {
                    Parts = [new(part.Part.Id, part.Label)],
                    Numbers = new Dictionary<string, double> { ["near"] = NearMm },
                    At = job.Footprint.Inside,
                };
            }
        }
    }
}

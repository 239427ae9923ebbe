using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>Wet paint within 2 mm of the lashes runs into the eye: the last millimetres are done with a pencil.</summary>
public static class LashLine
{
    public const double KeepOffMm = 2;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var lashes = Footprint.Of([.. new[] { true, false }.Select(left => Lashes(look.Body, left))]);
        // A pencil along the lashes is the remedy; where the look has one there is nothing to say.
        if (look.Jobs.Any(j => j.Role.Stage != Stage.Map && j.Mix.Shares.All(s => PaintOptics.Find(look.Kit, s.Paint).Material == Material.Pencil) && j.Footprint.Overlaps(lashes)))
        {
            yield break;
        }

        foreach (var part in look.Parts)
        {
            var wet = look.Jobs.Where(j => j.PartId == part.Part.Id
                && j.Mix.Shares.Any(s => PaintOptics.Find(look.Kit, s.Paint).Material != Material.Pencil));
            if (wet.Any(j => j.Footprint.Overlaps(lashes)))
            {
                yield return new(CautionCode.LashLine, Severity.Note)
                {
                    Parts = [new(part.Part.Id, part.Label)],
                    Numbers = new Dictionary<string, double> { ["keepOff"] = KeepOffMm },
                    At = look.Body.At(Landmark.PalpebraleSuperius.Left),
                };
            }
        }
    }

    // The strip along the lashes of one eye that wet paint keeps off.
    private static StrokeMark Lashes(FittedBody body, bool left)
    {
        ChartPoint At(Landmark of) => body.At(left ? of.Left : of.Right);
        ChartPoint inner = At(Landmark.Endocanthion), outer = At(Landmark.Exocanthion);
        // Of closed lids the lashes lie on the lower edge.
        var low = 0.7 * At(Landmark.PalpebraleInferius) + 0.3 * At(Landmark.PalpebraleSuperius);
        var lid = Curves.Through([inner, low, outer], closed: false);
        ChartPoint[] path = [.. lid.Skip(lid.Count / 8).SkipLast(lid.Count / 8)];
        return new("lashes", Side.Middle, path, [.. path.Select(_ => 2 * KeepOffMm)]);
    }
}

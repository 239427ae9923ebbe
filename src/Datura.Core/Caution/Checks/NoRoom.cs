using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>Two figures that each need ground of their own and share too much of it.</summary>
public static class NoRoom
{
    // Less than a third of the smaller, or a fingertip, is no crowding (common practice).
    private const double MostShared = 0.3;
    private const double SmallestMm2 = 60;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var figures = look.Parts.Where(p => p.Kind.NeedsOwnGround)
            .Select(p => (Part: p, Job: look.Jobs.FirstOrDefault(j => j.PartId == p.Part.Id && j.Role.Stage is Stage.BodyColour or Stage.Depth)))
            .Where(p => p.Job is not null).ToArray();
        for (var a = 0; a < figures.Length; a++)
        {
            for (var b = a + 1; b < figures.Length; b++)
            {
                if (figures[a].Part.Part.Id == figures[b].Part.Part.Id || Belong(figures[a].Part.Kind, figures[b].Part.Kind))
                {
                    continue;
                }

                var (first, second) = (figures[a].Job!.Footprint, figures[b].Job!.Footprint);
                var shared = first.SharedMm2(second);
                if (shared > SmallestMm2 && shared > MostShared * Math.Min(first.AreaMm2, second.AreaMm2))
                {
                    yield return new(CautionCode.NoRoom, Severity.Warning)
                    {
                        Parts = [Named(figures[a].Part, look), Named(figures[b].Part, look)],
                        Numbers = new Dictionary<string, double> { ["shared"] = shared / 100 },
                        At = first.SharedPlace(second),
                    };
                }
            }
        }
    }

    private static NamedPart Named(ExpandedPart part, CheckedLook look) =>
        new(part.Part.Id, part.Part.Name is null && look.Parts.Count(p => p.Kind == part.Kind) > 1 ? $"{part.Label} ({part.Part.Id.Replace('-', ' ')})" : part.Label);

    private static bool Belong(PartKind a, PartKind b) => a.StandsIn.Contains(b.Id) || b.StandsIn.Contains(a.Id);
}

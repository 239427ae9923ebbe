using Datura.Core.Order;
using Datura.Core.Shapes;
using Datura.Core.Wording;

namespace Datura.Core.Caution.Checks;

/// <summary>Two figures that each need ground of their own and share too much of it.</summary>
public static class NoRoom
{
    // Less than a third of the smaller, or a fingertip, is no crowding (common practice).
    private const double MostShared = 0.3;
    private const double SmallestMm2 = 60;

    // Figures that are spoilt when another is painted across them; lines, drips and textures are not.
    private static readonly HashSet<string> Figures =
    [
        "socket", "noseCavity", "horns", "bigMouth", "eightLegs", "extraFace", "flower", "petalRing", "motif", "lidEye", "nosePad", "beak", "pointedEar",
        "glowingOpening", "bolts", "dropCrest",
    ];

    // These belong inside the other.
    private static readonly HashSet<(string Inner, string Outer)> Inside = [("lidEye", "socket"), ("lidEye", "petalRing"), ("nosePad", "beak"), ("glowingOpening", "socket"), ("petalRing", "socket")];

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var figures = look.Parts.Where(p => Figures.Contains(p.Kind.Id))
            .Select(p => (Part: p, Job: look.Jobs.FirstOrDefault(j => j.PartId == p.Part.Id && j.Role.Stage is Stage.BodyColour or Stage.Depth)))
            .Where(p => p.Job is not null).ToArray();
        for (var a = 0; a < figures.Length; a++)
        {
            for (var b = a + 1; b < figures.Length; b++)
            {
                if (figures[a].Part.Part.Id == figures[b].Part.Part.Id || Belong(figures[a].Part.Kind.Id, figures[b].Part.Kind.Id))
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
        new(part.Part.Id, look.Parts.Count(p => p.Kind == part.Kind) > 1 ? $"{part.Kind.Label} ({part.Part.Id.Replace('-', ' ')})" : part.Kind.Label);

    private static bool Belong(string a, string b) => Inside.Contains((a, b)) || Inside.Contains((b, a));
}

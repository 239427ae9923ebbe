namespace Datura.Core.Caution.Checks;

/// <summary>A part that nobody sees, because the costume lies over it.</summary>
public static class UnderCostume
{
    private const double MostHidden = 0.5;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        var edge = look.Costume.Edge(look.Body);
        double EdgeAt(double x)
        {
            var k = edge.Count * (x - edge[0].XMm) / (edge[^1].XMm - edge[0].XMm);
            return k < 0 || k >= edge.Count ? edge[0].YMm : edge[(int)k].YMm;
        }

        foreach (var part in look.Parts)
        {
            var points = part.Marks.Marks.Select(m => m.Box().Centre).ToArray();
            var hidden = points.Count(p => p.Y < EdgeAt(p.X));
            if (points.Length > 0 && hidden > MostHidden * points.Length)
            {
                yield return new(CautionCode.UnderCostume, Severity.Note)
                {
                    Parts = [new(part.Part.Id, part.Label)],
                    Numbers = new Dictionary<string, double> { ["hidden"] = 100.0 * hidden / points.Length },
                    At = OutgrownField.Middle(part),
                };
            }
        }
    }
}

namespace Datura.Core.Caution.Checks;

/// <summary>Left and right carry different weights of paint: sisters, not twins, but not lopsided either.</summary>
public static class UnevenWeight
{
    /// <summary>Difference to the whole that an eye lets pass on an even look; the unevenness dials allow more (common practice).</summary>
    public const double MostEven = 0.06;

    private const double PerUnevenness = 0.14;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        double left = Weight(look, Side.Left), right = Weight(look, Side.Right);
        if (left + right < 300)
        {
            yield break;
        }

        var allowed = MostEven + PerUnevenness * look.Parts.Select(p => p.Part.Unevenness).DefaultIfEmpty(0).Max();
        var off = (left - right) / (left + right);
        if (Math.Abs(off) > allowed)
        {
            var (heavy, light, most, least) = off > 0 ? ("left", "right", left, right) : ("right", "left", right, left);
            var oneSided = look.Parts.FirstOrDefault(p => p.Kind.Sided && p.Part.Sides != Sides.Both);
            yield return new(CautionCode.UnevenWeight, Severity.Note)
            {
                Parts = oneSided is null ? [] : [new(oneSided.Part.Id, oneSided.Label)],
                Numbers = new Dictionary<string, double> { ["most"] = most / 100, ["least"] = least / 100 },
                Names = new Dictionary<string, string> { ["heavy"] = heavy, ["light"] = light },
                At = oneSided is null ? null : OutgrownField.Middle(oneSided),
            };
        }
    }

    // Filled ground and drawn lines of one side, mm²; marks across the mid-line weigh on neither.
    private static double Weight(CheckedLook look, Side side) => look.Jobs.Where(j => j.Role.Stage is not (Stage.Map or Stage.Base))
        .SelectMany(j => j.Marks).Where(m => m.Side == side).Sum(m => m switch
        {
            RegionMark r => r.Outline.Area,
            StrokeMark s => s.WidthsMm.Average() * Curves.Length(s.Path),
            DotMark d => Math.PI / 4 * d.DiameterMm * d.DiameterMm,
            _ => 0,
        });
}

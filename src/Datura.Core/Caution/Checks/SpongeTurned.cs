using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>A split sponge that is not turned over for the other side lays its gradient the wrong way there (common practice).</summary>
public static class SpongeTurned
{
    // A gradient that runs almost straight up looks the same on both sides.
    private const double Sideways = 0.2;

    public static IEnumerable<CautionNote> Of(CheckedLook look) => look.Jobs
        .Where(j => j.Lay.Split is { FromMiddle: false, Flipped: false } split && Math.Abs(Math.Cos(split.AxisDeg * Math.PI / 180)) > Sideways
            && j.Marks.Any(m => m.Side == Side.Left) && j.Marks.Any(m => m.Side == Side.Right))
        .Select(j => new CautionNote(Severity.Warning,
            $"{j.PartLabel}: the split sponge is not turned over for the wearer's right, so its colours run the wrong way there. Flip it, or mean it.",
            j.PartId, j.Footprint.Inside));
}

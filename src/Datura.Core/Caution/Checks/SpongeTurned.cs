namespace Datura.Core.Caution.Checks;

/// <summary>A split sponge that is not turned over for the other side lays its gradient the wrong way there (common practice).</summary>
public static class SpongeTurned
{
    // A gradient that runs almost straight up looks the same on both sides.
    private const double Sideways = 0.2;

    public static IEnumerable<CautionNote> Of(CheckedLook look) => look.Jobs
        .Where(j => j.Lay.Split is { FromMiddle: false, Flipped: false } split && (split.AcrossMark || Math.Abs(Math.Cos(split.AxisDeg * Math.PI / 180)) > Sideways)
            && j.Marks.Any(m => m.Side == Side.Left) && j.Marks.Any(m => m.Side == Side.Right))
        .Select(j => new CautionNote(CautionCode.SpongeNotTurned, Severity.Warning) { Parts = [new(j.PartId, j.PartLabel)], At = j.Footprint.Inside });
}

namespace Datura.Core.Paint;

/// <summary>Which paint of the kit a new part starts with, beside what is painted already.</summary>
public static class SuggestedPaint
{
    // A paint that may not go where the part lies is out; after that lightness counts most and colour least of all.
    private const double ChromaWeight = 0.35;

    // A shade or a line of the wrong hue is seen sooner than one a little too dark (by judgement).
    private const double NeutralWeight = 0.8;

    // Of a shade or a light, how much of the ground's own colour it keeps: one hue family for base and shade (common practice).
    private const double KeptByShade = 0.5;
    private const double KeptByLight = 0.25;

    private const double DarkerWeight = 0.6;

    // A shade whose hue turns away from the ground's looks like a colour, not like a shade (common practice: one hue family).
    private const double OffHue = 10;
    private const double FamilyRad = Math.PI / 3;
    private const double GreyChroma = 6;

    // What must be found from near stands this much in L* off its ground (common practice).
    private const double LeastStepL = 15;
    private const double StepWeight = 4;

    // An accent that is in the look already is worth this much lightness (by judgement).
    private const double ComesBack = 20;

    // From this chroma on a colour is a hue; two of them and a neutral carry most looks (common practice).
    private const double HueFromChroma = 15;
    private const double AccentChroma = 30;

    /// <param name="zones">Where the part hangs; decides whether eye or lip paints are needed.</param>
    /// <param name="colours">What it comes to; without them the quietest paint of its lightness.</param>
    /// <returns>The paint's id, or null when the kit has none that may go there.</returns>
    public static string? For(CoatRole role, IReadOnlyList<Zone> zones, Kit kit, LookColours? colours = null) =>
        Fit(role, zones, kit).OrderBy(p => Misfit(p, role, colours)).Select(p => p.Id).FirstOrDefault();

    /// <summary>The paints of a kit that may go where a part hangs and suit its coat's tool.</summary>
    public static IEnumerable<PaintDescription> Fit(CoatRole role, IReadOnlyList<Zone> zones, Kit kit) => kit.Paints
        .Where(p => Materials.Mixes(p.Material) && p.Material is not Material.Metallic || p.Material is Material.Powder)
        .Where(p => p.NearEyes || !zones.Any(z => z is Zone.Lid or Zone.Orbit))
        .Where(p => p.OnLips || !zones.Contains(Zone.Lips))
        .Where(p => p.Material is not (Material.Powder or Material.Pigment) || role.Tool == Tool.SoftBrush);

    private static double Misfit(PaintDescription paint, CoatRole role, LookColours? colours)
    {
        var colour = new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour;
        var misfit = Math.Abs(colour.L - role.Lightness);
        if (colours is null || role.Stage == Stage.Base)
        {
            return misfit + ChromaWeight * colour.Chroma();
        }

        // A shade darker than it need be is still a shade.
        misfit *= role.Stage is Stage.Depth && colour.L < role.Lightness ? DarkerWeight : 1;

        var isAccent = role.Stage is not (Stage.Depth or Stage.Highlight or Stage.Line) && role.Lightness is >= 30 and <= 70;
        var (a, b) = Wanted(role, colours, colour);
        misfit += role.Stage is Stage.Depth && IsOffHue(colour, colours.Ground) ? OffHue : 0;
        misfit -= isAccent && colours.Used.Any(c => c.Chroma() > HueFromChroma && Away(c, colour) < 1) ? ComesBack : 0;
        var missing = Math.Max(0, LeastStepL - Math.Abs(colour.L - colours.Ground.L));
        return misfit + (isAccent ? ChromaWeight : NeutralWeight) * Math.Sqrt(Math.Pow(colour.A - a, 2) + Math.Pow(colour.B - b, 2)) + StepWeight * missing;
    }

    // The a* and b* that go with what is there.
    private static (double A, double B) Wanted(CoatRole role, LookColours colours, Lab candidate)
    {
        var ground = colours.Ground;
        if (role.Stage is Stage.Depth)
        {
            return (KeptByShade * ground.A, KeptByShade * ground.B);
        }

        if (role.Stage is Stage.Highlight || role.Lightness is < 30 or > 70)
        {
            return (KeptByLight * ground.A, KeptByLight * ground.B);
        }

        // A colour in the middle is the accent: one that is there already comes back, otherwise the opposite of the ground's.
        Lab[] accents = [.. colours.Used.Where(c => c.Chroma() > HueFromChroma && Away(c, ground) > HueFromChroma)];
        if (accents.Length > 0)
        {
            var near = accents.MinBy(c => Away(c, candidate));
            return (near.A, near.B);
        }

        return ground.Chroma() < HueFromChroma ? (0, 0) : (-AccentChroma * ground.A / ground.Chroma(), -AccentChroma * ground.B / ground.Chroma());
    }

    private static bool IsOffHue(Lab colour, Lab ground) => colour.Chroma() > GreyChroma
        && (ground.Chroma() <= GreyChroma || Math.Abs(Math.IEEERemainder(Math.Atan2(colour.B, colour.A) - Math.Atan2(ground.B, ground.A), 2 * Math.PI)) > FamilyRad);

    private static double Away(Lab one, Lab other) => Math.Sqrt(Math.Pow(one.A - other.A, 2) + Math.Pow(one.B - other.B, 2));
}

namespace Datura.Core.Hands;

/// <summary>What holds of every tool of one form.</summary>
public static class ToolForms
{
    // What takes the place of a form that is not in the kit, the nearest first (common practice).
    private static readonly ToolForm[][] Families =
    [
        [ToolForm.Sponge, ToolForm.HalfRoundSponge, ToolForm.PetalSponge, ToolForm.StippleSponge, ToolForm.Puff, ToolForm.SoftBrush, ToolForm.Flat, ToolForm.Finger],
        [ToolForm.SoftBrush, ToolForm.Puff, ToolForm.Sponge, ToolForm.HalfRoundSponge, ToolForm.Filbert, ToolForm.Flat, ToolForm.Finger],
        [ToolForm.Round, ToolForm.PetalBrush, ToolForm.Dagger, ToolForm.Filbert, ToolForm.Angled, ToolForm.Flat, ToolForm.Pencil],
        [ToolForm.Flat, ToolForm.Angled, ToolForm.Filbert, ToolForm.Dagger, ToolForm.PetalBrush, ToolForm.Round, ToolForm.HalfRoundSponge],
        [ToolForm.Finger, ToolForm.SoftBrush, ToolForm.HalfRoundSponge],
    ];

    /// <summary>Holds paint and touches skin; meshes and cards are held in the other hand.</summary>
    public static bool Paints(ToolForm form) => form is not (ToolForm.Mesh or ToolForm.Card);

    /// <summary>Does not stop at a line: sponges, puff, wide soft brush.</summary>
    public static bool IsBroad(ToolForm form) => form is ToolForm.Sponge or ToolForm.HalfRoundSponge or ToolForm.StippleSponge or ToolForm.PetalSponge or ToolForm.SoftBrush or ToolForm.Puff;

    public static bool IsSponge(ToolForm form) => form is ToolForm.Sponge or ToolForm.HalfRoundSponge or ToolForm.StippleSponge or ToolForm.PetalSponge;

    /// <summary>Takes several colours side by side; a round brush is dipped on one side (common practice).</summary>
    public static bool TakesSplitLoad(ToolForm form) => IsSponge(form) || form is ToolForm.Flat or ToolForm.Filbert or ToolForm.Dagger or ToolForm.Angled or ToolForm.PetalBrush or ToolForm.Round;

    /// <summary>Film against the usual of a paint: dabbing evens out, a loaded round brush lays it on, a soft brush dusts (common practice; puff, finger and spatula from memory).</summary>
    public static double Film(ToolForm form) => form switch
    {
        ToolForm.SoftBrush or ToolForm.Finger => 0.8,
        ToolForm.Puff => 0.7,
        ToolForm.Flat or ToolForm.Filbert or ToolForm.Dagger or ToolForm.Angled or ToolForm.PetalBrush => 1.05,
        ToolForm.Round => 1.15,
        ToolForm.Spatula => 1.6,
        _ => 1,
    };

    /// <summary>The finest line or point that it leaves, mm: the tip of a round, the edge of a flat, the corner of a sponge (from memory, unverified).</summary>
    public static double FinestMm(ToolDescription tool) => tool.WidthMm * tool.Form switch
    {
        ToolForm.Round or ToolForm.Dagger => 0.12,
        ToolForm.Flat or ToolForm.Angled => 0.1,
        ToolForm.Filbert or ToolForm.PetalBrush => 0.2,
        ToolForm.Pencil or ToolForm.Sponge or ToolForm.HalfRoundSponge or ToolForm.PetalSponge => 0.25,
        ToolForm.Spatula or ToolForm.StippleSponge => 0.3,
        ToolForm.SoftBrush => 0.4,
        _ => 0.6,
    };

    /// <summary>What a tool of this form is usually used for (common practice).</summary>
    public static Technique UsualTechnique(ToolForm form) => form switch
    {
        ToolForm.SoftBrush => Technique.Buff,
        ToolForm.Finger => Technique.FingerBlend,
        _ when IsSponge(form) => Technique.Dab,
        ToolForm.Puff or ToolForm.Spatula => Technique.Dab,
        ToolForm.Mesh or ToolForm.Card => Technique.ThroughCard,
        _ => Technique.Stroke,
    };

    /// <summary>How near one form comes to the work of another: 0 the same, larger is worse; null when it cannot do it at all.</summary>
    public static int? Distance(ToolForm wanted, ToolForm there)
    {
        if (wanted == there)
        {
            return 0;
        }

        var family = Families.FirstOrDefault(f => f[0] == wanted) ?? Families.FirstOrDefault(f => f.Contains(wanted));
        var place = family is null ? -1 : Array.IndexOf(family, there);
        return place < 0 ? null : place + 1;
    }
}

namespace Datura.Core.Supply;

/// <summary>How much of what a tool takes up never reaches the skin: it stays in it, on the palette or in the water (common practice, from memory, unverified).</summary>
public static class StaysBehind
{
    /// <summary>Share of what is taken up, 0 to 1.</summary>
    public static double In(ToolForm form) => form switch
    {
        ToolForm.Sponge or ToolForm.HalfRoundSponge or ToolForm.PetalSponge => 0.5,
        ToolForm.StippleSponge => 0.35,
        ToolForm.Puff or ToolForm.SoftBrush => 0.3,
        ToolForm.Pencil => 0.02,
        ToolForm.Finger or ToolForm.Spatula => 0.08,
        _ => 0.2,
    };
}

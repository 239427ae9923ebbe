namespace Datura.Core.Supply;

/// <summary>What painters do where a thing was left at home (common practice).</summary>
public static class Substitutes
{
    public static string? For(ToolForm form) => form switch
    {
        ToolForm.Card => "zigzags and dots by hand",
        ToolForm.Mesh => "rows of scales by hand, or a clean net bag",
        ToolForm.StippleSponge => "a torn corner of a sponge",
        ToolForm.PetalSponge or ToolForm.HalfRoundSponge => "a sponge cut to shape",
        ToolForm.PetalBrush => "a filbert, two strokes a petal",
        ToolForm.Puff => "a large soft brush",
        ToolForm.SoftBrush => "a dry sponge",
        ToolForm.Pencil => "a thin round brush, paint creamy",
        ToolForm.Dagger => "a flat on its edge",
        ToolForm.Filbert => "a flat with its corners kept up",
        ToolForm.Angled => "a flat, turned",
        ToolForm.Spatula => "a clean wooden stick, thrown away after",
        _ => null,
    };

    public static string? For(Material material) => material switch
    {
        Material.Gem => "dots of gel or white, a light dot on each",
        Material.Glitter => "pearl or metallic paint, dabbed",
        Material.Leaf => "metallic paint, creamy",
        Material.Gel => "the paint itself while it is damp",
        Material.Pencil => "a thin line of cake paint, 2 mm off the lashes",
        Material.Powder => "a thin dark wash, or a nearly dry sponge",
        _ => null,
    };
}

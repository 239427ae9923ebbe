namespace Datura.Core.Paint;

public static class Materials
{
    private static readonly Material[] Damp = [Material.Gel, Material.WaterCake, Material.SplitCake, Material.Pigment, Material.Metallic, Material.Cream];

    public static MaterialRule Of(Material material) => material switch
    {
        Material.WaterCake => new("water cake", true, true, [Material.Cream], []),
        Material.SplitCake => new("split cake", true, true, [Material.Cream], []),
        Material.Pigment => new("loose pigment", true, true, [Material.Cream], []),
        Material.Metallic => new("metallic", true, true, [Material.Cream], []),
        Material.Cream => new("cream", false, false, [], []),
        Material.Powder => new("pressed powder", false, false, [Material.Gel], []),
        Material.Pencil => new("pencil", false, false, [Material.Gel], []),
        Material.Gel => new("gel", false, false, [], []),
        Material.Glitter => new("glitter", false, false, [Material.Powder], Damp),
        Material.Leaf => new("leaf", false, false, [Material.Powder], Damp),
        Material.Gem => new("gem", false, false, [Material.Powder], [Material.Gel]),
        _ => throw new ArgumentOutOfRangeException(nameof(material)),
    };

    /// <summary>Whether it is stirred into mixes; the others go on as they are.</summary>
    public static bool Mixes(Material material) => material is Material.WaterCake or Material.SplitCake or Material.Cream or Material.Pigment or Material.Metallic;
}

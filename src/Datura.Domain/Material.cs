namespace Datura.Domain;

/// <summary>What a paint is made of.</summary>
public enum Material
{
    WaterCake,
    Cream,
    Powder,
    Pencil,
    Metallic,

    /// <summary>Loose pigment, mixed with water.</summary>
    Pigment,
    Gel,
    Glitter,

    /// <summary>One of several colours cast side by side in one pan.</summary>
    SplitCake,

    /// <summary>Metal or foil that sticks to a gel.</summary>
    Leaf,

    /// <summary>A stone that is glued on.</summary>
    Gem,
}

namespace Datura.Core.Supply;

/// <summary>
/// How much of a pot a film takes. The kit's films are what the eye sees of them; how much stuff that is was turned round from what practised
/// hands say of whole faces, and is to be replaced by the painter's own weighing.
/// </summary>
/// <param name="PotMlPerFilmCm3">ml out of the pot, on the skin alone, for 1 cm³ of film as the kit counts it (area × µm dry).</param>
/// <param name="GramsPerMl">Of what is in the pot.</param>
/// <param name="Spread">Standard deviation of one face's amount, as a share of it.</param>
/// <param name="ByPiece">Counted, not measured.</param>
public sealed record MaterialUse(double PotMlPerFilmCm3, double GramsPerMl, double Spread, bool ByPiece = false)
{
    // A full face of 500 cm² at 20 µm is 1 cm³ of film. Cake: 0.4 g with what a sponge keeps, so half of it on the skin (common practice,
    // unverified). Cream: 1 g, of which four fifths. Powder: 0.15 g. The other
    // materials, all densities and spreads: from memory, unverified.
    private static readonly MaterialUse Cake = new(0.143, 1.4, 0.35);

    public static MaterialUse Of(Material material) => material switch
    {
        Material.WaterCake or Material.SplitCake => Cake,
        Material.Metallic => new(0.16, 1.5, 0.35),
        Material.Pigment => new(0.2, 1.2, 0.4),
        Material.Cream => new(0.8, 1.0, 0.35),
        Material.Powder => new(0.13, 0.9, 0.4),
        Material.Pencil => new(0.8, 1.0, 0.3),
        Material.Gel => new(1.2, 1.05, 0.3),
        Material.Glitter => new(0.5, 1.3, 0.5),
        Material.Leaf => new(0.1, 1.0, 0.5),
        Material.Gem => new(0, 1, 0, ByPiece: true),
        _ => throw new ArgumentOutOfRangeException(nameof(material)),
    };
}

namespace Datura.Core.Supply;

/// <summary>What goes along beside paint and tools.</summary>
/// <param name="Count">How many, in the unit of its name.</param>
public sealed record SmallThing(string Name, int Count)
{
    // All by common practice, from memory, unverified; the numbers are to be replaced by the painter's own.
    private const double WipesPerFace = 3;
    private const double FacesPerWater = 5;
    private const double FacesPerTowel = 6;

    /// <param name="facesOfAnEvening">As many as are packed for.</param>
    /// <param name="materials">What the paints are made of: some want something beside them.</param>
    public static IReadOnlyList<SmallThing> For(int facesOfAnEvening, IReadOnlyList<Material> materials) => facesOfAnEvening <= 0 ? [] :
    [
        .. Always(facesOfAnEvening),
        .. materials.Contains(Material.Gem) ? new SmallThing[] { new("skin adhesive with its remover, for gems", 1), new("tweezers for gems", 1) } : [],
        .. materials.Any(m => m is Material.Glitter or Material.Leaf) ? new SmallThing[] { new("large soft brush, to sweep loose flakes away from the eyes", 1) } : [],
        .. materials.Contains(Material.Cream) ? new SmallThing[] { new("setting powder, for creams", 1) } : [],
    ];

    private static SmallThing[] Always(int facesOfAnEvening) =>
    [
        new("cups of water, one to rinse and one to load", 2),
        new("litres of clean water, to change it when it is no longer clear", Up(facesOfAnEvening / FacesPerWater * 0.5)),
        new("towels", Up(facesOfAnEvening / FacesPerTowel)),
        new("wet wipes fit for faces", Up(facesOfAnEvening * WipesPerFace)),
        new("bags, for used sponges and for waste", 2),
        new("spray bottle of alcohol, 70 %, for pots and brushes; let it dry", 1),
        new("spatula, for creams out of the pot", 1),
        new("hand wash and its towel", 1),
        new("hand mirror", 1),
    ];

    private static int Up(double count) => Math.Max(1, (int)Math.Ceiling(count));
}

namespace Datura.Core.Briefs;

/// <summary>
/// A temper by the slopes of brow and mouth, against the wearer's own (common practice; millimetres and degrees by judgement).
/// </summary>
internal static class Tempers
{
    /// <summary>Words for a temper in a brief.</summary>
    public static IReadOnlyDictionary<Temper, string[]> Words { get; } = new Dictionary<Temper, string[]>
    {
        [Temper.Angry] = ["angry", "fierce", "evil", "mean", "furious", "wild", "wicked"],
        [Temper.Sad] = ["sad", "weeping", "crying", "mourning", "lost", "lonely", "tragic"],
        [Temper.Sly] = ["sly", "cunning", "mischievous", "sneaky", "clever"],
        [Temper.Gentle] = ["gentle", "sweet", "kind", "friendly", "soft", "cute"],
        [Temper.Noble] = ["noble", "proud", "royal", "queen", "king", "elegant", "regal"],
        [Temper.Frightened] = ["frightened", "scared", "afraid", "terrified", "haunted"],
    };

    /// <summary>The brow of a temper, and where the mouth's corners go. Inner and outer end in mm up, the corner's turn in degrees.</summary>
    public static IReadOnlyList<IdeaPart> Parts(Temper temper) => temper switch
    {
        Temper.Angry => [Brow((-9, -6), (8, 14), (0, 3)), Corner(-55, -35)],
        Temper.Sad => [Brow((8, 13), (-9, -5), (3, 6)), Corner(-60, -40)],
        Temper.Sly => [Brow((-5, -2), (12, 18), (2, 5)), Corner(25, 45) with { OneSided = 1 }],
        Temper.Gentle => [Brow((0, 2), (-3, -1), (3, 6)) with { Times = Thin }, Corner(20, 38)],
        Temper.Noble => [Brow((0, 3), (3, 6), (8, 13)) with { Times = Thin }],
        _ => [Brow((10, 15), (0, 3), (8, 13))],
    };

    private static readonly Dictionary<string, IReadOnlyList<double>> Thin = new() { ["width"] = [0.55, 0.75] };

    private static IdeaPart Brow((double, double) inner, (double, double) outer, (double, double) lift) => new("brow", Need.Must, OneOf: "brow",
        Numbers: new Dictionary<string, IReadOnlyList<double>>
        {
            ["inner"] = [inner.Item1, inner.Item2],
            ["outer"] = [outer.Item1, outer.Item2],
            ["lift"] = [lift.Item1, lift.Item2],
        },
        Words: new Dictionary<string, IReadOnlyList<string>> { ["form"] = ["colour", "colour and hairs"] });

    private static IdeaPart Corner(double least, double most) => new("mouthCorner", Need.Often, Extent.Face, OneOf: "corner",
        Numbers: new Dictionary<string, IReadOnlyList<double>> { ["turn"] = [least, most] });
}

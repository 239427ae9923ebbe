namespace Datura.Core.Briefs;

/// <summary>The folds of an old face: along the wearer's own, so that they move with it (common practice; counts and widths by judgement).</summary>
internal static class OldAge
{
    /// <summary>Words for it in a brief.</summary>
    public static IReadOnlyList<string> Words { get; } = ["old", "aged", "ancient", "elder", "hag", "crone", "grandmother", "grandfather"];

    /// <summary>In the order in which they make a face old.</summary>
    public static IReadOnlyList<IdeaPart> Parts { get; } =
    [
        new("smileLine", Need.Often, Extent.HalfFace, OneOf: "smile line", Colours: Fold),
        new("eyeBag", Need.Often, Extent.Eyes, OneOf: "eye bag", Colours: new Dictionary<string, string> { ["shade"] = "shade" }),
        new("crowsFeet", Need.Often, Extent.Eyes, OneOf: "crow's feet", Numbers: Count(3, 4), Colours: Fold),
        new("foreheadLines", Need.Often, Extent.HalfFace, OneOf: "forehead lines", Numbers: Count(2, 4), Colours: Fold),
    ];

    private static Dictionary<string, string> Fold => new() { ["line"] = "shade", ["light"] = "light" };

    private static Dictionary<string, IReadOnlyList<double>> Count(double least, double most) => new() { ["count"] = [least, most] };
}

using Datura.Core.Body;

namespace Datura.Core.Briefs;

/// <summary>A brief with everything decided: for whom, with what and for how long.</summary>
/// <param name="Minutes">In the chair.</param>
/// <param name="Old">Whether folds of age join.</param>
internal sealed record Wish(Brief Brief, Temper? Temper, bool Old, Extent Extent, double Minutes, Face Face, FittedBody Body, Kit Kit, Setting Setting)
{
    // Minutes from which more of the wearer is painted, and how many parts join what tells the idea (common practice: 3 minutes are a
    // leader alone, 15 have two supports, an hour goes to the chest).
    private static readonly (double Minutes, Extent Extent, int Joining)[] Forms =
    [
        (0, Extent.Eyes, 0), (4.5, Extent.HalfFace, 1), (8, Extent.Face, 2), (14, Extent.Face, 4), (25, Extent.FaceAndNeck, 6), (45, Extent.ToChest, 8), (75, Extent.ToChest, 11),
    ];

    public static Wish Of(Brief brief, Face face, FittedBody body, Kit kit, Setting setting)
    {
        var minutes = brief.Minutes ?? setting.SlotMinutes;
        return new(brief, brief.Temper ?? IdeaSearch.TemperIn(brief.Words), brief.Old || IdeaSearch.Names(brief.Words, OldAge.Words), brief.Extent ?? Form(minutes).Extent, minutes, face, body, kit, setting with { SlotMinutes = minutes });
    }

    /// <summary>How many parts join those that tell the idea, at the most.</summary>
    public int Joining => Math.Max(0, Form(Minutes).Joining + Brief.Boldness);

    /// <summary>Whether there is time for a ground under it all.</summary>
    public bool HasGround => Extent >= Extent.HalfFace && Minutes >= 4;

    private static (double Minutes, Extent Extent, int Joining) Form(double minutes) => Forms.Last(f => f.Minutes <= minutes);
}

namespace Datura.Core.Characters;

/// <summary>A look planned on its wearer, with which of its parts is which of the character's.</summary>
/// <param name="Look">As it was planned, of the kit.</param>
/// <param name="Parts">By id of the character's part; those that the look lacks are not in it.</param>
internal sealed record WornLook(Look Look, PlannedLook Planned, Kit Kit, IReadOnlyDictionary<string, ExpandedPart> Parts)
{
    public ExpandedPart? Find(CharacterPart part) => Parts.GetValueOrDefault(part.Model.Id);

    /// <summary>The look with one of its parts changed.</summary>
    public Look With(Part changed) => Look with { Parts = [.. Look.Parts.Select(p => p.Id == changed.Id ? changed : p)] };

    /// <summary>The look without some of its parts; what hung on them hangs by itself.</summary>
    public Look Without(IReadOnlyCollection<string> ids) => Look with
    {
        Parts = [.. Look.Parts.Where(p => !ids.Contains(p.Id)).Select(p => p.Hung?.On is { } on && ids.Contains(on) ? p with { Hung = null } : p)],
    };
}

using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>One of the character's parts on a wearer, with the sizes that it has there.</summary>
/// <param name="Part">Id of the character's part.</param>
/// <param name="Label">What the character calls it.</param>
/// <param name="Sizes">Empty when the look lacks it.</param>
public sealed record WornPart(string Part, string Label, IReadOnlyList<SizeLine> Sizes)
{
    /// <summary>All of them, the most important first.</summary>
    public static IReadOnlyList<WornPart> Of(Character character, Look look, PlannedLook planned, Kit kit)
    {
        var worn = PartMatch.Of(character, look, planned, kit);
        return [.. character.Parts.Select(p => new WornPart(p.Model.Id, PartKinds.Find(p.Model.Kind)!.LabelOf(p.Model), worn.Find(p)?.Marks.Sizes ?? []))];
    }
}

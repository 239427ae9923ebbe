namespace Datura.Core.Characters;

/// <summary>The part is on the side, or sides, of the model.</summary>
internal sealed class SideRule(CharacterPart part) : PartRule($"{part.Model.Id}/side", part)
{
    public override Remark Demand => Remark.Of(RemarkCode.RuleSide, ("part", Label), ("sides", Words(Part.Model.Sides)));

    protected override RuleFinding OfPart(ExpandedPart found, WornLook worn) => found.Part.Sides == Part.Model.Sides || !found.Kind.IsSided(found.Part)
        ? Met(found, Demand)
        : Off(found, Remark.Of(RemarkCode.RuleSideIs, ("part", found.Label), ("sides", Words(found.Part.Sides))), 1);

    public override IEnumerable<Look> Changes(WornLook worn) => worn.Find(Part) is { } found ? [worn.With(found.Part with { Sides = Part.Model.Sides })] : [];

    private static string Words(Sides sides) => sides switch
    {
        Sides.Both => "both sides",
        Sides.Left => "the left",
        _ => "the right",
    };
}

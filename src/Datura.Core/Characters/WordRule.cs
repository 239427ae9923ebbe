using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>A choice is the model's.</summary>
internal sealed class WordRule(CharacterPart part, string choice) : PartRule($"{part.Model.Id}/{choice}", part)
{
    private ChoiceSpec Spec => PartKinds.Find(Part.Model.Kind)!.Parameters.OfType<ChoiceSpec>().First(p => p.Id == choice);

    public override Remark Demand => Remark.Of(RemarkCode.RuleWord, ("part", Label), ("choice", Spec.Label.ToLowerInvariant()), ("word", Wanted));

    // The model's word, or what its kind usually takes; no default of a choice depends on the face.
    private string Wanted => Word(Part.Model);

    protected override RuleFinding OfPart(ExpandedPart found, WornLook worn)
    {
        var word = Word(found.Part);
        return word == Wanted ? Met(found, Demand) : Off(found, Remark.Of(RemarkCode.RuleWordIs, ("part", found.Label), ("choice", Spec.Label.ToLowerInvariant()), ("word", word)), 1);
    }

    public override IEnumerable<Look> Changes(WornLook worn) =>
        worn.Find(Part) is { } found ? [worn.With(found.Part with { Words = new Dictionary<string, string>(found.Part.Words) { [choice] = Wanted } })] : [];

    private string Word(Part of) => new PartContext(Body.FittedBody.Reference, of, new(0), Side.Middle).Word(Spec);
}

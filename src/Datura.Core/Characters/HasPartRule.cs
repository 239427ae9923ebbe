using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>The part is there.</summary>
internal sealed class HasPartRule(CharacterPart part, Character character) : PartRule($"{part.Model.Id}/there", part)
{
    public override Remark Demand => Remark.Of(RemarkCode.RuleHasPart, ("part", Label));

    protected override RuleFinding Missing() => Finding([], RuleState.Off, Remark.Of(RemarkCode.RuleLacksPart, ("part", Label)), 1);

    protected override RuleFinding OfPart(ExpandedPart found, WornLook worn) => Met(found, Remark.Of(RemarkCode.RuleHasPart, ("part", found.Label)));

    /// <summary>The model joins where it lay: under what lay over it. A part that is only left out this time is painted again.</summary>
    public override IEnumerable<Look> Changes(WornLook worn)
    {
        var model = Part.Model;
        if (worn.Look.Parts.FirstOrDefault(p => p.Kind == model.Kind && p.Version == PartVersion.Out && worn.Parts.Values.All(w => w.Part.Id != p.Id)) is { } left)
        {
            yield return worn.With(left with { Version = PartVersion.Full });
            yield break;
        }

        var above = character.Parts.Where(p => p.Lies > Part.Lies).Select(worn.Find).OfType<ExpandedPart>().Select(p => p.Part.Id).ToHashSet();
        var at = worn.Look.Parts.TakeWhile(p => !above.Contains(p.Id)).Count();
        var id = Enumerable.Range(1, Limits.MostParts + 1).Select(n => n == 1 ? model.Id : $"{model.Id}-{n}").First(name => worn.Look.Parts.All(p => p.Id != name));
        var host = model.Hung?.On is { } on ? worn.Parts.GetValueOrDefault(on)?.Part.Id : null;
        var hung = model.Hung?.On is null ? model.Hung : host is null ? null : model.Hung with { On = host };
        if (hung is null && model.Hung is not null && !PartKinds.Find(model.Kind)!.StandsAlone)
        {
            yield break;
        }

        yield return worn.Look with { Parts = [.. worn.Look.Parts.Take(at), model with { Id = id, Hung = hung, Version = PartVersion.Full }, .. worn.Look.Parts.Skip(at)] };
    }
}

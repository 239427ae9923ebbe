using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>A size lies in its range: by itself, or as a share of a measure of the wearer.</summary>
internal sealed class SizeRule(CharacterPart part, SizeRange size) : PartRule($"{part.Model.Id}/{size.Number}{(size.Of is null ? "" : $"/{size.Of}")}", part)
{
    // What is written with two digits and set by a tenth is met at its very bound.
    private const double Slack = 1e-6;

    private NumberSpec Spec => PartKinds.Find(Part.Model.Kind)!.Parameters.OfType<NumberSpec>().First(p => p.Id == size.Number);

    public override Remark Demand => Said(RemarkCode.RuleSize, RemarkCode.RuleShare, Label, 0);

    protected override RuleFinding OfPart(ExpandedPart found, WornLook worn)
    {
        if (size.Of is { } measure && worn.Planned.Body.Estimated.Contains(measure))
        {
            return NotDecided(found, Remark.Of(RemarkCode.RuleNeedsMeasure, ("measure", Measures.Find(measure)!.Label)));
        }

        var value = Value(found, worn);
        var off = value < size.Least - Slack ? size.Least - value : value > size.Most + Slack ? value - size.Most : 0;
        var says = Said(RemarkCode.RuleSizeIs, RemarkCode.RuleShareIs, found.Label, value);
        return off > 0 ? Off(found, says, off) : Met(found, says);
    }

    public override IEnumerable<Look> Changes(WornLook worn)
    {
        if (worn.Find(Part) is not { } found)
        {
            yield break;
        }

        var unit = size.Of is { } of ? worn.Planned.Body.MeasuresMm[of] : 1;
        var (least, most) = (Math.Max(Spec.Least, size.Least * unit), Math.Min(Spec.Most, size.Most * unit));
        if (least > most + Slack)
        {
            yield break;
        }

        var now = Context(found, worn).Number(Spec);
        // To a tenth inside of the bound, as a painter would set it; where the range is narrower than that its very bound.
        var bound = Math.Clamp(now, least, most);
        var round = Spec is CountSpec ? 1.0 : 10.0;
        var set = now < least ? Math.Ceiling(round * bound - Slack) / round : Math.Floor(round * bound + Slack) / round;
        set = set < least || set > most ? bound : set;
        yield return worn.With(found.Part with { Numbers = new Dictionary<string, double>(found.Part.Numbers) { [size.Number] = set } });
    }

    private double Value(ExpandedPart found, WornLook worn) => Context(found, worn).Number(Spec) / (size.Of is { } of ? worn.Planned.Body.MeasuresMm[of] : 1);

    private static PartContext Context(ExpandedPart found, WornLook worn) => new(worn.Planned.Body, found.Part, new(0), Side.Middle);

    private Remark Said(RemarkCode own, RemarkCode share, string label, double value) => size.Of is { } of
        ? Remark.Of(share, ("part", label), ("number", Spec.Label.ToLowerInvariant()), ("value", 100 * value), ("least", 100 * size.Least), ("most", 100 * size.Most),
            ("measure", Measures.Find(of)!.Label.ToLowerInvariant()))
        : Remark.Of(own, ("part", label), ("number", Spec.Label.ToLowerInvariant()), ("value", value), ("least", size.Least), ("most", size.Most), ("unit", UnitOf(Spec)));

    /// <summary>As written behind a number.</summary>
    internal static string UnitOf(NumberSpec spec) => spec.Type switch
    {
        ParameterType.LengthMm => " mm",
        ParameterType.AngleDeg => "°",
        _ => "",
    };
}

using Datura.Core.Briefs;
using Datura.Core.Order;

namespace Datura.Core.Characters;

/// <summary>A coat, as it lies on this skin and on what is beneath, is one of the palette's colours by day.</summary>
internal sealed class ColourRule(CharacterPart part, string role, CharacterColour colour) : PartRule($"{part.Model.Id}{Of}{role}", part)
{
    private const string Of = "/colour/";

    // More tries than this are no small change any more.
    private const int MostMixes = 4;

    /// <summary>Whether a rule's key is of this kind.</summary>
    public static bool Is(string rule) => rule.Contains(Of, StringComparison.Ordinal);

    private string Coat => Shapes.PartKinds.Find(Part.Model.Kind)!.Roles.First(r => r.Id == role).Label.ToLowerInvariant();

    public override Remark Demand => Remark.Of(RemarkCode.RuleColour, ("part", Label), ("coat", Coat), ("colour", colour.Name), ("within", colour.WithinDeltaE));

    protected override RuleFinding OfPart(ExpandedPart found, WornLook worn)
    {
        if (Job(found, worn) is not { } job)
        {
            return Off(found, Remark.Of(RemarkCode.RuleNotPainted, ("part", found.Label), ("coat", Coat)), 1);
        }

        if (job.Lay.Split is not null)
        {
            return NotDecided(found, Remark.Of(RemarkCode.RuleSplit, ("part", found.Label), ("coat", Coat)));
        }

        var apart = ColourDifference.DeltaE00(worn.Planned.Colours!.Of(job), colour.Colour);
        var says = Remark.Of(RemarkCode.RuleColourIs, ("part", found.Label), ("coat", Coat), ("colour", colour.Name), ("off", apart), ("within", colour.WithinDeltaE));
        return apart > colour.WithinDeltaE ? Off(found, says, apart - colour.WithinDeltaE) : Met(found, says);
    }

    /// <summary>One coat more or less of the same; then the model's own paint; then the nearest mixes of the kit.</summary>
    public override IEnumerable<Look> Changes(WornLook worn)
    {
        if (worn.Find(Part) is not { } found)
        {
            yield break;
        }

        if (Job(found, worn) is { } job)
        {
            foreach (var coats in new[] { job.Coats + 1, job.Coats - 1 }.Where(c => c is >= 1 and <= Limits.MostCoats))
            {
                yield return worn.With(found.Part with { Coats = new Dictionary<string, int>(found.Part.Coats) { [role] = coats } });
            }
        }

        var near = KitMixes.Of(worn.Kit);
        IEnumerable<PaintMix> mixes =
        [
            .. Part.Model.Paints.TryGetValue(role, out var own) && own.Shares.All(s => worn.Kit.Paints.Any(p => p.Id == s.Paint)) ? [own] : Array.Empty<PaintMix>(),
            .. near.Single.Concat(near.Pairs).OrderBy(m => ColourDifference.DeltaE00(m.Colour, colour.Colour)).Take(MostMixes).Select(m => m.Mix),
        ];
        foreach (var mix in mixes)
        {
            yield return worn.With(found.Part with
            {
                Paints = new Dictionary<string, PaintMix>(found.Part.Paints) { [role] = mix },
                Without = [.. found.Part.Without.Where(r => r != role)],
            });
        }
    }

    private CoatJob? Job(ExpandedPart found, WornLook worn) => worn.Planned.Jobs.FirstOrDefault(j => j.PartId == found.Part.Id && j.Role.Id == role);
}

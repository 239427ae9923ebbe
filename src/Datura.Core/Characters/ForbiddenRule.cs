using Datura.Core.Body;
using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>A kind, paint on a zone, or a colour that no wearer has.</summary>
internal sealed class ForbiddenRule(Forbidden forbidden, Character character) : CharacterRule($"not/{forbidden.Thing.ToString().ToLowerInvariant()}/{forbidden.Named}")
{
    public override Remark Demand => forbidden.Thing switch
    {
        ForbiddenThing.Kind => Remark.Of(RemarkCode.RuleNoKind, ("kind", PartKinds.Find(forbidden.Named)!.Label.ToLowerInvariant())),
        ForbiddenThing.Zone => Remark.Of(RemarkCode.RuleNoZone, ("zone", forbidden.Named)),
        _ => Remark.Of(RemarkCode.RuleNoColour, ("colour", forbidden.Named), ("within", forbidden.WithinDeltaE)),
    };

    public override RuleFinding Judge(WornLook worn)
    {
        var (ids, off) = Found(worn);
        return ids.Count == 0
            ? Finding([], RuleState.Met, Demand, 0)
            : Finding(ids, RuleState.Off, Remark.Of(RemarkCode.RuleForbiddenIs, ("parts", worn.Planned.Parts.Where(p => ids.Contains(p.Part.Id)).Select(p => p.Label).Distinct().ToArray()),
                ("wants", Demand.Sentence)), off);
    }

    /// <summary>Without what is forbidden, unless the character itself asks for it.</summary>
    public override IEnumerable<Look> Changes(WornLook worn)
    {
        var ids = Found(worn).Parts;
        if (ids.Count > 0 && !character.Parts.Any(p => worn.Find(p) is { } asked && ids.Contains(asked.Part.Id)))
        {
            yield return worn.Without(ids);
        }
    }

    private (IReadOnlyList<string> Parts, double Off) Found(WornLook worn)
    {
        switch (forbidden.Thing)
        {
            case ForbiddenThing.Kind:
                return ([.. worn.Planned.Parts.Where(p => p.Kind.Id == forbidden.Named && !p.Kind.IsReckoned).Select(p => p.Part.Id)], 1);
            case ForbiddenThing.Zone:
                var zone = Zones.Find(forbidden.Named)!.Value;
                return ([.. Painted(worn).Where(j => j.Zones.Contains(zone)).Select(j => j.PartId).Distinct()], 1);
            default:
                var near = Painted(worn).Where(j => j.Lay.Split is null)
                    .Select(j => (j.PartId, Off: forbidden.WithinDeltaE - ColourDifference.DeltaE00(worn.Planned.Colours!.Of(j), forbidden.Colour!.Value))).Where(j => j.Off > 0).ToArray();
                return ([.. near.Select(j => j.PartId).Distinct()], near.Length > 0 ? near.Max(j => j.Off) : 0);
        }
    }

    // What the painter hung; a pencil line is rubbed off, and shades and lights come of the look.
    private static IEnumerable<CoatJob> Painted(WornLook worn) =>
        worn.Planned.Jobs.Where(j => j.Role.Stage != Stage.Map && worn.Planned.Parts.Any(p => p.Part.Id == j.PartId && !p.Kind.IsReckoned));
}

using Datura.Core.Paint;

namespace Datura.Core.Shapes;

/// <summary>
/// The quick version of a part: what is dropped first when time is short (common practice): outlines, crease shading, highlights,
/// second rows, gems, teeth beyond the readable ones, further coats.
/// </summary>
public static class QuickVersion
{
    private const double FewerShare = 0.6;

    // No time for gems: gel dots, or dots of the brightest paint (common practice).
    private static (PaintMix Mix, string Words)? StandIn(PaintMix mix, Kit kit)
    {
        Material? Of(string paint) => kit.Paints.FirstOrDefault(p => p.Id == paint)?.Material;
        if (mix.Shares.All(s => Of(s.Paint) is not (Material.Gem or Material.Leaf)))
        {
            return null;
        }

        return kit.Paints.FirstOrDefault(p => p.Material == Material.Gel) is { } gel ? (new([new(gel.Id, 1)]), $"{gel.Name.ToLowerInvariant()} dots instead of gems")
            : kit.Paints.FirstOrDefault(p => p.Finish is Finish.Pearl or Finish.Metal && Materials.Mixes(p.Material)) is { } bright
                ? (new([new(bright.Id, 1)]), $"dots of {bright.Name.ToLowerInvariant()} instead of gems") : null;
    }

    /// <summary>The part with less work, or null when the kind has no quicker way.</summary>
    /// <param name="what">What is done differently, in words.</param>
    /// <param name="kit">The box at hand, for what stands in for slow materials.</param>
    public static Part? Of(PartKind kind, Part part, Kit kit, out IReadOnlyList<string> what)
    {
        var said = new List<string>();
        var paints = new Dictionary<string, PaintMix>(part.Paints);
        var coats = new Dictionary<string, int>(part.Coats);
        var numbers = new Dictionary<string, double>(part.Numbers);
        var painted = kind.Roles.Where(r => paints.ContainsKey(r.Id)).ToArray();
        var filled = painted.Any(r => r.Stage is Stage.Base or Stage.BodyColour or Stage.Depth);
        foreach (var role in painted)
        {
            var dropped = role.Stage == Stage.Highlight || (role.Stage == Stage.Line && role.GoesRound && painted.Any(r => r.Stage == Stage.BodyColour))
                || (role.Stage == Stage.Depth && painted.Any(r => r.Stage == Stage.BodyColour)) || (role.Stage == Stage.Finish && filled);
            if (StandIn(paints[role.Id], kit) is { } dots)
            {
                paints[role.Id] = dots.Mix;
                said.Add(dots.Words);
            }
            else if (dropped && filled && paints.Count > 1)
            {
                paints.Remove(role.Id);
                said.Add($"no {role.Label.ToLowerInvariant()}");
            }
            else if ((coats.TryGetValue(role.Id, out var own) ? own : role.Coats) > 1)
            {
                coats[role.Id] = 1;
                said.Add("one coat");
            }
        }

        foreach (var spec in kind.Parameters.Where(p => p.Type == ParameterType.Count))
        {
            // Only what the painter set or the kind's own fixed count can be lowered without the face.
            var now = numbers.TryGetValue(spec.Id, out var set) ? set : spec.FixedDefault;
            if (now is { } usual && Math.Round(FewerShare * usual) is var fewer && fewer >= spec.Least && fewer < usual)
            {
                numbers[spec.Id] = fewer;
                said.Add($"{spec.Label.ToLowerInvariant()} {fewer:0} instead of {usual:0}");
            }
        }

        what = [.. said.Distinct()];
        return said.Count == 0 ? null : part with { Paints = paints, Coats = coats, Numbers = numbers, Without = [.. part.Without.Union(part.Paints.Keys.Where(r => !paints.ContainsKey(r)))] };
    }
}

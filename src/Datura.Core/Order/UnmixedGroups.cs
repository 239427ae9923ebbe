namespace Datura.Core.Order;

/// <summary>
/// Steps that change no stack: coats that share tool and paint are one step only where nothing has to lie over the one and under the other.
/// Leaves and roots in one green are two goes when the petals lie between them.
/// </summary>
internal static class UnmixedGroups
{
    public static CoatGroup[] Of(CoatGroup[] groups, OrderWish wish, Overlaps overlaps)
    {
        if (groups.All(g => g.Jobs.Count == 1))
        {
            return groups;
        }

        var alone = new Dictionary<CoatJob, CoatGroup>(ReferenceEqualityComparer.Instance);
        CoatGroup Alone(CoatJob job) => alone.TryGetValue(job, out var group) ? group : alone[job] = new([job]);
        return [.. groups.SelectMany(g => g.Jobs.Count == 1 || g.Stage == Stage.Map ? [g] : Goes(g, groups, wish, overlaps, Alone))];
    }

    private static IEnumerable<CoatGroup> Goes(CoatGroup group, CoatGroup[] groups, OrderWish wish, Overlaps overlaps, Func<CoatJob, CoatGroup> alone)
    {
        var goes = new List<List<CoatJob>>();
        foreach (var job in group.Jobs)
        {
            var go = goes.FirstOrDefault(g => g.All(other => !LiesBetween(job, other, group, groups, wish, overlaps, alone)));
            if (go is null)
            {
                goes.Add([job]);
            }
            else
            {
                go.Add(job);
            }
        }

        return goes.Count == 1 ? [group] : goes.Select(g => new CoatGroup(g));
    }

    private static bool LiesBetween(CoatJob a, CoatJob b, CoatGroup group, CoatGroup[] groups, OrderWish wish, Overlaps overlaps, Func<CoatJob, CoatGroup> alone)
    {
        foreach (var other in groups)
        {
            if (other == group || other.Stage != group.Stage)
            {
                continue;
            }

            foreach (var third in other.Jobs)
            {
                if (overlaps.Of(a, third) && overlaps.Of(b, third) && Matters(a, third) && Matters(b, third) && Under(a, third) != Under(b, third))
                {
                    return true;
                }
            }
        }

        return false;

        bool Matters(CoatJob job, CoatJob third) => !Precedence.Alike(alone(job), alone(third), wish);
        bool Under(CoatJob job, CoatJob third) => Precedence.Rule(alone(job), alone(third), true, wish) is not null;
    }
}

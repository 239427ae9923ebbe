namespace Datura.Core.Order;

/// <summary>What the painter has decided about what lies on what, between steps.</summary>
internal static class StackedGroups
{
    /// <summary>
    /// Steps between which her decisions can all be kept: of steps that would each have to come before the other, coats that share tool and
    /// paint are laid in several goes.
    /// </summary>
    public static CoatGroup[] Of(CoatGroup[] groups, OrderWish wish, Overlaps overlaps)
    {
        if ((wish.Over ?? []).Count == 0 && (wish.Sequence ?? []).Count == 0)
        {
            return groups;
        }

        for (var round = 0; round < 2; round++)
        {
            var circle = InCircles(groups, wish, overlaps);
            if (circle.Count == 0)
            {
                break;
            }

            groups = [.. groups.SelectMany((g, k) => circle.Contains(k) && g.Jobs.Count > 1 ? Goes(g, wish) : [g])];
        }

        return groups;
    }

    /// <summary>Decided pairs of steps, the lower first, and by which rule.</summary>
    public static IEnumerable<(int Lower, int Upper, OrderRule Rule)> Pairs(IReadOnlyList<CoatGroup> groups, OrderWish wish, Overlaps overlaps)
    {
        var at = new Dictionary<string, int>();
        for (var g = 0; g < groups.Count; g++)
        {
            foreach (var job in groups[g].Jobs)
            {
                at[job.Key] = g;
            }
        }

        foreach (var over in wish.Over ?? [])
        {
            if (at.TryGetValue(over.Upper, out var upper) && at.TryGetValue(over.Lower, out var lower) && upper != lower
                && overlaps.Of(Job(groups[upper], over.Upper), Job(groups[lower], over.Lower)))
            {
                yield return (lower, upper, OrderRules.Stacked);
            }
        }

        var kept = (wish.Sequence ?? []).Distinct().Where(at.ContainsKey).ToArray();
        for (var a = 0; a < kept.Length; a++)
        {
            for (var b = a + 1; b < kept.Length; b++)
            {
                var (lower, upper) = (at[kept[a]], at[kept[b]]);
                if (lower != upper && groups[lower].Stage != Stage.Map && groups[upper].Stage != Stage.Map && overlaps.Of(Job(groups[lower], kept[a]), Job(groups[upper], kept[b])))
                {
                    yield return (lower, upper, OrderRules.Kept);
                }
            }
        }
    }

    private static CoatJob Job(CoatGroup group, string key) => group.Jobs.First(j => j.Key == key);

    // Steps that are in a circle of decisions, found by taking away what nothing comes before, or nothing after, again and again.
    private static HashSet<int> InCircles(CoatGroup[] groups, OrderWish wish, Overlaps overlaps)
    {
        var pairs = Pairs(groups, wish, overlaps).Select(p => (p.Lower, p.Upper)).Distinct().ToList();
        while (true)
        {
            var (lowers, uppers) = (pairs.Select(p => p.Lower).ToHashSet(), pairs.Select(p => p.Upper).ToHashSet());
            if (pairs.RemoveAll(p => !uppers.Contains(p.Lower) || !lowers.Contains(p.Upper)) == 0)
            {
                return [.. pairs.SelectMany(p => new[] { p.Lower, p.Upper })];
            }
        }
    }

    // As they follow each other in the kept order; without one each coat by itself.
    private static IEnumerable<CoatGroup> Goes(CoatGroup group, OrderWish wish)
    {
        var kept = wish.Sequence ?? [];
        var places = group.Jobs.Select(j => (Job: j, Place: kept.ToList().IndexOf(j.Key))).OrderBy(j => j.Place).ToArray();
        var (go, last) = (new List<CoatJob>(), int.MinValue);
        foreach (var (job, place) in places)
        {
            if (go.Count > 0 && (place < 0 || place != last + 1))
            {
                yield return new([.. go]);
                go.Clear();
            }

            go.Add(job);
            last = place;
        }

        yield return new([.. go]);
    }
}

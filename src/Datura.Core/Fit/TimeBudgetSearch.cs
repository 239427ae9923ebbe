namespace Datura.Core.Fit;

/// <summary>
/// The best version for one slot by branch and bound: parts are decided one after the other, those that show most first, the rest
/// taken as short as they can be. A branch ends where even that is clearly too long for the slot, or where what it could still keep,
/// by its work alone, is no more than what is known already. Against a constraint model with drying in it (measured) this needs a
/// hundredth of the time: ten to two hundred sessions for the demo looks.
/// </summary>
internal sealed class TimeBudgetSearch
{
    // Sessions reckoned until the gap is told instead (some 0.5 to 2 ms each, measured).
    private const int MostSessions = 1500;

    // A planned order is not always the shortest, so a version with more in it can be a little shorter than one with less
    // (0.4 % measured); nothing that is too long by no more than this is given up before all its parts are decided.
    private const double Doubt = 1.02;

    private readonly int[] restsOn;
    private readonly Func<LesserPart?[], LookVersionFound> measure;
    private readonly Way[][] ways;
    private readonly int[] parts;
    private readonly int[] decidedAt;
    private readonly Dictionary<string, LookVersionFound> known = [];
    private readonly double slotSeconds;
    private readonly double workSeconds;
    private LookVersionFound? best;
    private double bestLoss;
    private double openLoss = double.PositiveInfinity;

    /// <param name="workSeconds">All work of a version that fits takes no longer.</param>
    /// <param name="best">The best known that fits; null for none.</param>
    /// <param name="measure">A version's session; a null entry is a part in full.</param>
    public TimeBudgetSearch(
        IReadOnlyList<PartChoice> choices, int[] restsOn, double slotSeconds, double workSeconds, LookVersionFound? best, Func<LesserPart?[], LookVersionFound> measure)
    {
        (this.restsOn, this.slotSeconds, this.workSeconds, this.best, this.measure) = (restsOn, slotSeconds, workSeconds, best, measure);
        bestLoss = best is null ? double.PositiveInfinity : 1 - best.Kept;
        ways = [.. choices.Select(c => c.Lesser.Select(l => new Way(l, c.Cost(l), l.Jobs.Sum(j => j.WorkSeconds))).Prepend(new(null, 0, c.Full.Sum(j => j.WorkSeconds)))
            .OrderBy(w => w.Loss).ToArray())];
        parts = [.. Enumerable.Range(0, choices.Count).OrderByDescending(k => ways[k].Max(w => w.Loss))];
        decidedAt = [.. Enumerable.Range(0, parts.Length).Select(k => Array.IndexOf(parts, k))];
    }

    public TimeBudgetVersion Found()
    {
        var least = ways.Select(w => w.MinBy(o => o.Seconds)!).ToArray();
        if (Session(least).AtConfidenceSeconds <= slotSeconds)
        {
            Branch(0, least, 0);
        }

        return new(best, best is null ? 0 : Math.Max(0, bestLoss - openLoss));
    }

    private void Branch(int depth, Way[] chosen, double lost)
    {
        var atLeast = lost + LeastLoss(depth, chosen);
        if (atLeast >= bestLoss - 1e-6)
        {
            return;
        }

        if (known.Count >= MostSessions)
        {
            openLoss = Math.Min(openLoss, atLeast);
            return;
        }

        if (depth == parts.Length)
        {
            if (Session(chosen) is var session && session.AtConfidenceSeconds <= slotSeconds)
            {
                (best, bestLoss) = (session, lost);
            }

            return;
        }

        var (part, least) = (parts[depth], chosen[parts[depth]]);
        foreach (var way in ways[part])
        {
            chosen[part] = way;
            if (Stands(part, chosen) && (way == least || Session(chosen).AtConfidenceSeconds <= Doubt * slotSeconds))
            {
                Branch(depth + 1, chosen, lost + way.Loss);
            }
        }

        chosen[part] = least;
    }

    // With this part decided, nothing that is decided rests on what is left out.
    private bool Stands(int part, Way[] chosen) => Enumerable.Range(0, restsOn.Length).All(b =>
        restsOn[b] < 0 || decidedAt[b] > decidedAt[part] || decidedAt[restsOn[b]] > decidedAt[part] || !chosen[restsOn[b]].IsOut || chosen[b].IsOut);

    // What the undecided parts lose at the least if all that bound them were their work: the continuous knapsack.
    private double LeastLoss(int depth, Way[] chosen)
    {
        var left = workSeconds - chosen.Sum(c => c.Seconds);
        var open = parts.Skip(depth).ToArray();
        var loss = open.Sum(p => chosen[p].Loss);
        foreach (var (seconds, gain) in open.SelectMany(p => Gains(ways[p], chosen[p])).OrderByDescending(g => g.Loss / g.Seconds))
        {
            if (seconds > left)
            {
                return loss - (gain * Math.Max(0, left) / seconds);
            }

            (loss, left) = (loss - gain, left - seconds);
        }

        return loss;
    }

    // From a part's shortest way up to all of it, by what each second gains, the most first.
    private static IEnumerable<(double Seconds, double Loss)> Gains(Way[] ways, Way now)
    {
        while (ways.Where(w => w.Loss < now.Loss - 1e-12).Select(w => (Way: w, Seconds: Math.Max(1e-9, w.Seconds - now.Seconds))).OrderByDescending(w =>
            (now.Loss - w.Way.Loss) / w.Seconds).FirstOrDefault() is { Way: { } next } step)
        {
            yield return (step.Seconds, now.Loss - next.Loss);
            now = next;
        }
    }

    private LookVersionFound Session(Way[] chosen)
    {
        var key = string.Join(' ', chosen.Select(c => c.Lesser?.Key ?? "-"));
        return known.TryGetValue(key, out var session) ? session : known[key] = measure([.. chosen.Select(c => c.Lesser)]);
    }

    /// <param name="Loss">What the choice weighs for it.</param>
    private sealed record Way(LesserPart? Lesser, double Loss, double Seconds)
    {
        public bool IsOut => Lesser?.Version == PartVersion.Out;
    }
}

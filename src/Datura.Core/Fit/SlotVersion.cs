using Datura.Core.Order;

namespace Datura.Core.Fit;

/// <summary>The version for a slot.</summary>
/// <param name="Gap">No version that fits keeps more than this share beyond it; 0 when it is the best.</param>
public sealed record SlotVersion(LookVersionFound? Found, double Gap);

/// <summary>
/// The best version for one slot, exactly: versions are tried in the order of what they lose, each against its real sitting, and the
/// first that fits is the best. Those whose work and least changes alone do not fit are never tried, nor any that does more than one
/// found too long.
/// </summary>
internal static class SlotSearch
{
    // Tries until the gap is told instead (measured: most demo looks need fewer; one of 15 parts needs more).
    private const int MostTries = 60;
    private const double Effort = 0.25;
    private const int MostClimbs = 250;

    /// <param name="best">The best known that fits; null for none.</param>
    /// <param name="measure">A version's sitting.</param>
    /// <param name="spreadShare">By how much of its likely length a sitting at the confidence is longer at least.</param>
    public static SlotVersion Of(
        IReadOnlyList<PartChoice> choices, int[] restsOn, StepNetwork full, double slotSeconds, double spreadShare, LookVersionFound? best, Func<LesserPart?[], LookVersionFound> measure)
    {
        var model = new VersionModel(choices, restsOn);
        var least = model.Work() + model.Once(j => full.IndexOf(j.Key) is >= 0 and var group ? (int?)group : null, group => LeastChange(full, group));
        model.Model.Add(least <= (long)(VersionModel.Units * full.Crew.Painters * slotSeconds / (1 + spreadShare)));
        model.Model.Minimize(model.Cost);
        for (var k = 0; k < MostTries; k++)
        {
            var chosen = model.Solve(Effort);
            var upTo = 1 - model.Bound;
            if (chosen is null || (best is not null && best.Kept >= upTo - 1e-5))
            {
                return new(best, 0);
            }

            var tried = measure(chosen);
            if (tried.AtConfidenceSeconds <= slotSeconds)
            {
                best = best is null || tried.Kept > best.Kept ? tried : best;
                return new(best, Math.Max(0, upTo - best.Kept));
            }

            best = Trimmed(choices, restsOn, chosen, slotSeconds, measure, best);
            model.NeverAsMuchAs(chosen);
            if (k == MostTries - 1)
            {
                best = Climbed(choices, restsOn, best, slotSeconds, measure);
                return new(best, Math.Max(0, upTo - (best?.Kept ?? 0)));
            }
        }

        return new(best, 0);
    }

    // The change of tool, paint and pose that a step needs at the least.
    private static double LeastChange(StepNetwork network, int group) => Enumerable.Range(-1, network.Count + 1).Where(a => a != group).Min(a => network.SetUp(a, group));

    // Where the search gave up: one part fuller, or one fuller and one less, as long as that fits and keeps more.
    private static LookVersionFound? Climbed(
        IReadOnlyList<PartChoice> choices, int[] restsOn, LookVersionFound? best, double slotSeconds, Func<LesserPart?[], LookVersionFound> measure)
    {
        if (best is null)
        {
            return null;
        }

        var now = choices.Select(c => best.Versions.TryGetValue(c.PartId, out var version) ? c.Lesser.First(l => l.Version == version) : null).ToArray();
        double Cost(int part, LesserPart? way) => way is null ? 0 : choices[part].Cost(way);
        IEnumerable<(int Part, LesserPart? Way)> Ways() => Enumerable.Range(0, choices.Count).SelectMany(p => choices[p].Lesser.Prepend<LesserPart?>(null).Where(w => w != now[p]).Select(w => (p, w)));
        for (var (tries, better) = (0, true); better && tries < MostClimbs;)
        {
            better = false;
            var fuller = Ways().Where(w => Cost(w.Part, w.Way) < Cost(w.Part, now[w.Part])).ToArray();
            var moves = fuller.Select(f => new[] { f })
                .Concat(from f in fuller from l in Ways() where l.Part != f.Part && Cost(l.Part, l.Way) - Cost(l.Part, now[l.Part]) is > 0 and var more && more < Cost(f.Part, now[f.Part]) - Cost(f.Part, f.Way) select new[] { f, l })
                .OrderBy(m => m.Sum(w => Cost(w.Part, w.Way) - Cost(w.Part, now[w.Part])));
            foreach (var move in moves)
            {
                var next = (LesserPart?[])now.Clone();
                foreach (var (part, way) in move)
                {
                    next[part] = way;
                }

                if (Enumerable.Range(0, choices.Count).Any(b => restsOn[b] >= 0 && next[restsOn[b]]?.Version == Shapes.PartVersion.Out && next[b]?.Version != Shapes.PartVersion.Out))
                {
                    continue;
                }

                var tried = measure(next);
                if (tried.AtConfidenceSeconds <= slotSeconds && tried.Kept > best.Kept + 1e-9)
                {
                    (best, now, better) = (tried, next, true);
                    break;
                }

                if (++tries >= MostClimbs)
                {
                    break;
                }
            }
        }

        return best;
    }

    // A version that is too long, with one part less at a time: a good answer early makes the rest of the search short.
    private static LookVersionFound? Trimmed(
        IReadOnlyList<PartChoice> choices, int[] restsOn, LesserPart?[] chosen, double slotSeconds, Func<LesserPart?[], LookVersionFound> measure, LookVersionFound? best)
    {
        var (part, way) = Enumerable.Range(0, choices.Count).SelectMany(k => choices[k].Lesser.Where(l => Seconds(l.Jobs) < Seconds(chosen[k]?.Jobs ?? choices[k].Full)).Select(l => (Part: k, Way: l)))
            .Where(o => o.Way.Version != Shapes.PartVersion.Out || Enumerable.Range(0, choices.Count).All(k => restsOn[k] != o.Part || chosen[k]?.Version == Shapes.PartVersion.Out))
            .OrderBy(o => choices[o.Part].Cost(o.Way) - (chosen[o.Part] is { } now ? choices[o.Part].Cost(now) : 0)).FirstOrDefault((-1, null!));
        if (part < 0)
        {
            return best;
        }

        var less = (LesserPart?[])chosen.Clone();
        less[part] = way;
        var tried = measure(less);
        return tried.AtConfidenceSeconds <= slotSeconds && (best is null || tried.Kept > best.Kept) ? tried : best;

        static double Seconds(IReadOnlyList<CoatJob> jobs) => jobs.Sum(j => j.WorkSeconds);
    }
}

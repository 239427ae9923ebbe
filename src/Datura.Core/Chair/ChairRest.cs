namespace Datura.Core.Chair;

/// <summary>
/// What to leave out so that the rest of a session still ends in time: of all ways that nothing is on the skin of, those that lose least of the
/// picture. Exact over the steps as they are planned, by branch and bound; the chair reckons the same while the service is out of reach
/// (web/src/lib/chairRest.ts), and both are held to tests/practice/chair-rest.json.
/// </summary>
/// <param name="Fits">Whether it ends in time with what is chosen; false when nothing that may go is enough.</param>
/// <param name="Chosen">Places in the list of ways; none when all of it fits.</param>
/// <param name="Loss">Share of the painted picture that goes.</param>
/// <param name="LikelySeconds">Likely length of the rest.</param>
/// <param name="SureSeconds">Length of the rest that the asked-for share of sessions does not exceed.</param>
/// <param name="GoingOnSeconds">Likely length of the rest when nothing is left out.</param>
/// <param name="Proven">Whether nothing better can be; false when the search was cut short.</param>
public sealed record ChairRest(bool Fits, IReadOnlyList<int> Chosen, double Loss, double LikelySeconds, double SureSeconds, double GoingOnSeconds, bool Proven)
{
    // Nodes searched until the best so far is told, so that a slow tablet answers at once (some 10 µs each here, ten times that there).
    private const int MostNodes = 4000;

    // A good or a bad day, as in plans (Order/WorkSpread).
    private const double DayShare = 0.08;

    private const double Nothing = 1e-9;

    /// <param name="steps">As they stand, in the order in which they are painted.</param>
    /// <param name="ways">What may be left out.</param>
    /// <param name="dropped">Ids of parts and keys of coats that are left out already.</param>
    /// <param name="secondsLeft">Until the bell.</param>
    /// <param name="surety">Standard deviations above the likely length that must fit: 0.84 for four sessions in five.</param>
    /// <param name="into">Seconds that the painters are into the steps they are at, by painter.</param>
    public static ChairRest Of(
        IReadOnlyList<ChairStepState> steps, IReadOnlyList<ChairWay> ways, IReadOnlySet<string> dropped, double secondsLeft, double surety, IReadOnlyDictionary<int, double>? into = null)
    {
        var rest = new Search(steps, ways, dropped, secondsLeft, surety, into ?? new Dictionary<int, double>());
        return rest.Found();
    }

    private sealed class Search(
        IReadOnlyList<ChairStepState> steps, IReadOnlyList<ChairWay> ways, IReadOnlySet<string> dropped, double secondsLeft, double surety, IReadOnlyDictionary<int, double> into)
    {
        private readonly ChairStepState[] open = [.. steps.Where(s => s.Status is StepStatus.Open)];
        private int nodes;
        private int[]? best;
        private double bestLoss = double.PositiveInfinity;

        public ChairRest Found()
        {
            // A coat that is on the skin, or on its way there, cannot be left out any more.
            var begun = steps.Where(s => s.Status is StepStatus.Done).Concat(open.GroupBy(s => s.Step.Painter).Select(g => g.First()).Where(s => into.GetValueOrDefault(s.Step.Painter) > s.Step.WaitSeconds + s.Step.SetUpSeconds))
                .SelectMany(s => s.Step.Coats).Select(c => c.Key).ToHashSet();
            var known = open.SelectMany(s => s.Step.Coats).Select(c => c.Key).ToHashSet();
            var parts = ways.Select((w, k) => (Way: w, At: k)).Where(w => w.Way.Leaves.Any(known.Contains) && !w.Way.Leaves.Any(begun.Contains) && !w.Way.Leaves.All(IsGone))
                .GroupBy(w => w.Way.Part).OrderByDescending(g => g.Max(w => Saving(w.Way) / Math.Max(Nothing, w.Way.Loss))).ThenBy(g => g.Min(w => w.At)).Select(g => g.ToArray()).ToArray();
            var going = Reckoned([]);
            if (going.Sure <= secondsLeft + Nothing)
            {
                return new(true, [], 0, going.Likely, going.Sure, going.Likely, true);
            }

            Branch(parts, 0, [], 0);
            if (best is null)
            {
                // As much as may go, for what it tells: not even that is enough.
                int[] all = [.. parts.Select(p => p.MaxBy(w => (Saving(w.Way), -w.At)).At).Order()];
                var least = Reckoned(all);
                return new(false, all, all.Sum(k => ways[k].Loss), least.Likely, least.Sure, going.Likely, nodes < MostNodes);
            }

            var found = Reckoned(best);
            return new(true, [.. best.Order()], bestLoss, found.Likely, found.Sure, going.Likely, nodes < MostNodes);
        }

        private bool IsGone(string coat) => dropped.Contains(coat) || dropped.Contains(ChairStepState.PartOf(coat));

        // What a way can save of the work at the most: its strokes, and all set-ups of the steps it is in.
        private double Saving(ChairWay way) => open.Where(s => s.Step.Coats.Any(c => way.Leaves.Contains(c.Key)))
            .Sum(s => s.Step.SetUpSeconds + s.Step.Coats.Where(c => way.Leaves.Contains(c.Key)).Sum(c => c.Seconds));

        private void Branch((ChairWay Way, int At)[][] parts, int depth, int[] chosen, double loss)
        {
            if (loss >= bestLoss - Nothing || ++nodes > MostNodes)
            {
                return;
            }

            var now = Reckoned(chosen);
            if (now.Sure <= secondsLeft + Nothing)
            {
                if (Stands(chosen))
                {
                    (best, bestLoss) = (chosen, loss);
                    return;
                }
            }
            else if (depth == parts.Length || loss + AtLeast(parts, depth, now.Work) >= bestLoss - Nothing)
            {
                return;
            }

            if (depth == parts.Length)
            {
                return;
            }

            // What frees most time for what it loses is tried first.
            foreach (var way in parts[depth].OrderByDescending(w => Saving(w.Way) / Math.Max(Nothing, w.Way.Loss)).ThenBy(w => w.At))
            {
                Branch(parts, depth + 1, [.. chosen, way.At], loss + way.Way.Loss);
            }

            Branch(parts, depth + 1, chosen, loss);
        }

        // The least that must still be lost, if savings simply added up and any share of a way could go.
        // Work alone must fit, whatever is waited for; that of two painters into twice the time.
        private double AtLeast((ChairWay Way, int At)[][] parts, int depth, double work)
        {
            var lanes = open.Select(s => s.Step.Painter).Distinct().Count();
            var (need, lost) = (work - lanes * secondsLeft / (1 + surety * DayShare), 0.0);
            foreach (var (rate, saving) in parts.Skip(depth).SelectMany(Gains).OrderBy(g => g.Rate))
            {
                if (need <= 0)
                {
                    break;
                }

                var taken = Math.Min(need, saving);
                (need, lost) = (need - taken, lost + rate * taken);
            }

            return need > Nothing ? double.PositiveInfinity : lost;
        }

        // A part's ways as if they could be mixed: never more lost for a second than by the best of them.
        private IEnumerable<(double Rate, double Saving)> Gains((ChairWay Way, int At)[] part)
        {
            var (at, lost) = (0.0, 0.0);
            var left = part.Select(w => (Saving: Saving(w.Way), w.Way.Loss)).ToList();
            while (left.Where(w => w.Saving > at + Nothing).Select(w => (Rate: (w.Loss - lost) / (w.Saving - at), w.Saving, w.Loss)).OrderBy(w => w.Rate).ThenByDescending(w => w.Saving).FirstOrDefault() is { Saving: > 0 } next)
            {
                yield return (Math.Max(0, next.Rate), next.Saving - at);
                (at, lost) = (next.Saving, next.Loss);
            }
        }

        // Nothing is painted on what is left out.
        private bool Stands(int[] chosen)
        {
            var gone = chosen.Where(k => ways[k].Whole).Select(k => ways[k].Part).ToHashSet();
            return ways.Where(w => w.Whole && w.RestsOn is { } host && gone.Contains(host)).All(w => gone.Contains(w.Part) || w.Leaves.All(IsGone) || !w.Leaves.Any(c => open.Any(s => s.Step.Coats.Any(o => o.Key == c))));
        }

        // Each step as soon as hands are free and what lies beneath is dry, in the order in which they stand.
        private (double Likely, double Sure, double Work) Reckoned(int[] chosen)
        {
            var gone = new HashSet<string>(dropped);
            foreach (var k in chosen)
            {
                gone.UnionWith(ways[k].Leaves);
            }

            var (free, ends, square, work) = (new Dictionary<int, double>(), new Dictionary<string, double>(), 0.0, 0.0);
            foreach (var one in open)
            {
                if (ChairStepState.Left(one.Step, gone) is not { } left)
                {
                    continue;
                }

                var step = one.Step;
                var first = !free.ContainsKey(step.Painter);
                var at = free.GetValueOrDefault(step.Painter);
                var dry = step.After.Count == 0 ? 0 : step.After.Max(a => ends.TryGetValue(a.Step, out var end) ? end + a.DrySeconds : 0);
                // What lies beneath was done before: its wait is the planned one.
                var waits = step.After.All(a => !ends.ContainsKey(a.Step)) ? step.WaitSeconds : 0;
                var spent = first ? Math.Min(into.GetValueOrDefault(step.Painter), left + waits) : 0;
                work += left - Math.Min(spent, left);
                var over = Math.Max(at + waits + Math.Min(step.SetUpSeconds, left), dry) + Math.Max(0, left - step.SetUpSeconds) - spent;
                (free[step.Painter], ends[step.Key]) = (Math.Max(at, over), Math.Max(at, over));
                var sd = step.Seconds > 0 ? step.SdSeconds * left / step.Seconds : 0;
                square += sd * sd;
            }

            var likely = free.Count == 0 ? 0 : free.Values.Max();
            var day = DayShare * likely;
            return (likely, likely + surety * Math.Sqrt(square + day * day), work);
        }
    }
}

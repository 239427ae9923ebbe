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

    // A good or a bad day, as in plans.
    private static readonly double DayShare = WorkSpread.Usual.Day;

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
        return new Search(steps, ways, dropped, secondsLeft, surety, into ?? new Dictionary<int, double>()).Found();
    }

    private sealed class Search
    {
        private readonly IReadOnlyList<ChairWay> ways;
        private readonly double secondsLeft;
        private readonly double surety;
        private readonly IReadOnlyDictionary<int, double> into;

        // Steps and coats by number, so that a choice is reckoned in some microseconds: thousands are.
        private readonly ChairStepState[] open;
        private readonly int[][] coatsOf;
        private readonly (int Step, double Dry)[][] after;
        private readonly double[] coatSeconds;
        private readonly bool[] goneAlready;
        private readonly int[][] leaves;
        private readonly bool[] gone;
        private readonly double[] ends;
        private readonly double[] free = new double[3];
        private readonly int lanes;

        private readonly (ChairWay Way, int At)[][] parts;

        // The gains of the parts from a depth on, the cheapest first.
        private readonly (double Rate, double Saving)[][] gains;
        private int nodes;
        private int[]? best;
        private double bestLoss = double.PositiveInfinity;

        public Search(IReadOnlyList<ChairStepState> steps, IReadOnlyList<ChairWay> ways, IReadOnlySet<string> dropped, double secondsLeft, double surety, IReadOnlyDictionary<int, double> into)
        {
            (this.ways, this.secondsLeft, this.surety, this.into) = (ways, secondsLeft, surety, into);
            open = [.. steps.Where(s => s.Status is StepStatus.Open)];
            lanes = open.Select(s => s.Step.Painter).Distinct().Count();
            var coats = open.SelectMany(s => s.Step.Coats).ToArray();
            var numbers = coats.Select((c, k) => (c.Key, k)).GroupBy(c => c.Key).ToDictionary(g => g.Key, g => g.Select(c => c.k).ToArray());
            var stepAt = open.Select((s, k) => (s.Step.Key, k)).ToDictionary(s => s.Key, s => s.k);
            var next = 0;
            coatsOf = [.. open.Select(s => s.Step.Coats.Select(_ => next++).ToArray())];
            coatSeconds = [.. coats.Select(c => c.Seconds)];
            goneAlready = [.. coats.Select(c => dropped.Contains(c.Key) || dropped.Contains(ChairStepState.PartOf(c.Key)))];
            // What comes later in the order cannot be waited for.
            after = [.. open.Select((s, k) => s.Step.After.Where(a => stepAt.TryGetValue(a.Step, out var at) && at < k).Select(a => (stepAt[a.Step], a.DrySeconds)).ToArray())];
            leaves = [.. ways.Select(w => w.Leaves.SelectMany(l => numbers.GetValueOrDefault(l, [])).ToArray())];
            (gone, ends) = (new bool[coats.Length], new double[open.Length]);

            // A coat that is on the skin, or on its way there, cannot be left out any more.
            var begun = steps.Where(s => s.Status is StepStatus.Done)
                .Concat(open.GroupBy(s => s.Step.Painter).Select(g => g.First()).Where(s => into.GetValueOrDefault(s.Step.Painter) > s.Step.WaitSeconds + s.Step.SetUpSeconds))
                .SelectMany(s => s.Step.Coats).Select(c => c.Key).ToHashSet();
            bool IsGone(string coat) => dropped.Contains(coat) || dropped.Contains(ChairStepState.PartOf(coat));
            parts =
            [
                .. ways.Select((w, k) => (Way: w, At: k)).Where(w => leaves[w.At].Length > 0 && !w.Way.Leaves.Any(begun.Contains) && !w.Way.Leaves.All(IsGone))
                    .GroupBy(w => w.Way.Part).OrderByDescending(g => g.Max(w => Worth(w))).ThenBy(g => g.Min(w => w.At))
                    .Select(g => g.OrderByDescending(w => Worth(w)).ThenBy(w => w.At).ToArray()),
            ];
            gains = [.. Enumerable.Range(0, parts.Length + 1).Select(d => parts.Skip(d).SelectMany(Gains).OrderBy(g => g.Rate).ToArray())];
        }

        public ChairRest Found()
        {
            var going = Reckoned([]);
            if (going.Sure <= secondsLeft + Nothing)
            {
                return new(true, [], 0, going.Likely, going.Sure, going.Likely, true);
            }

            Branch(0, [], 0);
            // As much as may go, for what it tells, where not even that is enough.
            int[] chosen = best is null ? [.. parts.Select(p => p.MaxBy(w => (Saving(w.At), -w.At)).At).Order()] : [.. best.Order()];
            var found = Reckoned(chosen);
            return new(best is not null, chosen, best is null ? chosen.Sum(k => ways[k].Loss) : bestLoss, found.Likely, found.Sure, going.Likely, nodes < MostNodes);
        }

        // What frees most time for what it loses is tried first.
        private double Worth((ChairWay Way, int At) way) => Saving(way.At) / Math.Max(Nothing, way.Way.Loss);

        // What a way can save of the work at the most: its strokes, and all set-ups of the steps it is in.
        private double Saving(int way)
        {
            var sum = 0.0;
            for (var k = 0; k < open.Length; k++)
            {
                var mine = coatsOf[k].Where(leaves[way].Contains).ToArray();
                sum += mine.Length > 0 ? open[k].Step.SetUpSeconds + mine.Sum(c => coatSeconds[c]) : 0;
            }

            return sum;
        }

        private void Branch(int depth, int[] chosen, double loss)
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
            else if (depth == parts.Length || loss + AtLeast(depth, now.Work) >= bestLoss - Nothing)
            {
                return;
            }

            if (depth == parts.Length)
            {
                return;
            }

            foreach (var way in parts[depth])
            {
                Branch(depth + 1, [.. chosen, way.At], loss + way.Way.Loss);
            }

            Branch(depth + 1, chosen, loss);
        }

        // The least that must still be lost, if savings simply added up and any share of a way could go.
        // Work alone must fit, whatever is waited for; that of two painters into twice the time.
        private double AtLeast(int depth, double work)
        {
            var (need, lost) = (work - lanes * secondsLeft / (1 + surety * DayShare), 0.0);
            foreach (var (rate, saving) in gains[depth])
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
            var left = part.Select(w => (Saving: Saving(w.At), w.Way.Loss)).ToList();
            while (left.Where(w => w.Saving > at + Nothing).Select(w => (Rate: (w.Loss - lost) / (w.Saving - at), w.Saving, w.Loss)).OrderBy(w => w.Rate).ThenByDescending(w => w.Saving).FirstOrDefault() is { Saving: > 0 } next)
            {
                yield return (Math.Max(0, next.Rate), next.Saving - at);
                (at, lost) = (next.Saving, next.Loss);
            }
        }

        // Nothing is painted on what is left out.
        private bool Stands(int[] chosen)
        {
            var left = chosen.Where(k => ways[k].Whole).Select(k => ways[k].Part).ToHashSet();
            return !ways.Where((w, k) => w.Whole && w.RestsOn is { } host && left.Contains(host) && !left.Contains(w.Part) && leaves[k].Any(c => !goneAlready[c])).Any();
        }

        // Each step as soon as hands are free and what lies beneath is dry, in the order in which they stand.
        private (double Likely, double Sure, double Work) Reckoned(int[] chosen)
        {
            Array.Copy(goneAlready, gone, gone.Length);
            foreach (var k in chosen)
            {
                foreach (var c in leaves[k])
                {
                    gone[c] = true;
                }
            }

            free.AsSpan().Fill(-1);
            var (square, work, likely) = (0.0, 0.0, 0.0);
            for (var k = 0; k < open.Length; k++)
            {
                var step = open[k].Step;
                ends[k] = -1;
                if (Left(k) is not (>= 0 and var left))
                {
                    continue;
                }

                var first = free[step.Painter] < 0;
                var at = Math.Max(0, free[step.Painter]);
                var (dry, laid) = (0.0, false);
                foreach (var (before, seconds) in after[k])
                {
                    if (ends[before] >= 0)
                    {
                        (dry, laid) = (Math.Max(dry, ends[before] + seconds), true);
                    }
                }

                // What lies beneath was done before: its wait is the planned one.
                var waits = laid ? 0 : step.WaitSeconds;
                var spent = first ? Math.Min(into.GetValueOrDefault(step.Painter), left + waits) : 0;
                work += left - Math.Min(spent, left);
                var over = Math.Max(at, Math.Max(at + waits + Math.Min(step.SetUpSeconds, left), dry) + Math.Max(0, left - step.SetUpSeconds) - spent);
                (free[step.Painter], ends[k], likely) = (over, over, Math.Max(likely, over));
                var sd = step.Seconds > 0 ? step.SdSeconds * left / step.Seconds : 0;
                square += sd * sd;
            }

            var day = DayShare * likely;
            return (likely, likely + surety * Math.Sqrt(square + day * day), work);
        }

        // Of a step's planned seconds without what is left out, as ChairStepState tells it; negative when nothing of it is painted.
        private double Left(int k)
        {
            var step = open[k].Step;
            if (coatsOf[k].Length == 0)
            {
                return open[k].LeftSeconds;
            }

            var (some, seconds) = (false, 0.0);
            foreach (var c in coatsOf[k])
            {
                some |= !gone[c];
                seconds += gone[c] ? coatSeconds[c] : 0;
            }

            return !some ? -1 : seconds > 0 ? Math.Max(step.SetUpSeconds, step.Seconds - seconds) : step.Seconds;
        }
    }
}

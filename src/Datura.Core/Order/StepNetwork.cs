namespace Datura.Core.Order;

/// <summary>The steps of a look with all that binds them: rules, drying, set-up, what is tied and pinned.</summary>
public sealed class StepNetwork
{
    // How much sooner a step is wished for, seconds of session for a second of its start; small, so that it only decides between
    // orders that are about equally short (by eye: fifteen must steps of a 20 min session weigh some 15 s all told).
    private const double MustWeight = 0.002;
    private const double TopWeight = 0.0004;
    private const double FarWeight = 0.0002;
    private const double FaceMm = 100;

    // What a painter waits at most to keep a broad tool off work that is done (from memory, unverified).
    private const double SpongeFirstSeconds = 4;

    private readonly OrderRule?[,] rules;
    private readonly double[,] lags;
    private readonly double[,] setUps;
    private readonly bool[,] after;
    private readonly List<GivenWay> givenWay = [];
    private readonly bool[,] spongeFirst;
    private readonly Overlaps overlaps;

    private StepNetwork(CoatGroup[] groups, OrderWish wish, Crew crew, Pace pace, Overlaps overlaps)
    {
        (Groups, Wish, Crew, this.overlaps) = (groups, wish, crew, overlaps);
        var n = groups.Length;
        (rules, lags, setUps, after) = (new OrderRule?[n, n], new double[n, n], new double[n + 1, n], new bool[n, n]);
        var overlap = new bool[n, n];
        for (var a = 0; a < n; a++)
        {
            for (var b = 0; b < a; b++)
            {
                overlap[a, b] = overlap[b, a] = overlaps.Of(groups[a], groups[b]);
            }
        }

        for (var a = -1; a < n; a++)
        {
            for (var b = 0; b < n; b++)
            {
                setUps[a < 0 ? n : a, b] = a == b ? 0 : SetUp(a < 0 ? null : groups[a], groups[b], pace);
            }
        }

        spongeFirst = new bool[n, n];
        for (var a = 0; a < n; a++)
        {
            for (var b = 0; b < n; b++)
            {
                spongeFirst[a, b] = a != b && wish.Holds(OrderRules.SpongeFirst) && groups[a].IsBroad && !groups[b].IsBroad && groups[b].Stage is > Stage.Base and < Stage.Finish
                    && groups[a].Zones.Any(groups[b].Zones.Contains);
            }
        }

        // By rank, so that of rules that go round in a circle the weakest gives way.
        foreach (var (a, b, rule) in StackedGroups.Pairs(groups, wish, overlaps).Concat(Staged()).Concat(Wanted(overlap)).OrderBy(w => w.Rule.Rank))
        {
            if (after[b, a])
            {
                givenWay.Add(new(a, b, rule, Between(b, a)));
            }
            else if (rules[a, b] is null)
            {
                Add(a, b, rule);
            }
        }

        for (var a = 0; a < n; a++)
        {
            for (var b = 0; b < n; b++)
            {
                if (rules[a, b] is not null && overlap[a, b])
                {
                    lags[a, b] = groups[b].IntoWet || (groups[b].Jobs[0].OnDamp && groups[a].Jobs[0].StaysDamp) ? 0
                        : GroundWait.Share(groups[b].Jobs[0].Lay.Ground) * groups[a].DryingSeconds;
                }
            }
        }

        FollowsAt = Enumerable.Repeat(-1, n).ToArray();
        TieWetCoats(overlap);
        TieAsked();
        PinPlace = [.. groups.Select(g => PinOf(g, wish))];
        Weights = [.. groups.Select(Weight)];
    }

    public IReadOnlyList<CoatGroup> Groups { get; }

    public OrderWish Wish { get; }

    public Crew Crew { get; }

    /// <summary>Which group follows at once, or −1.</summary>
    public int[] FollowsAt { get; }

    /// <summary>Rules that could not be kept beside stronger ones.</summary>
    public IReadOnlyList<GivenWay> GivenWay => givenWay;

    /// <summary>Place that a group is pinned to, from 1; 0 for none.</summary>
    public int[] PinPlace { get; }

    /// <summary>How much sooner each group is wished for.</summary>
    public double[] Weights { get; }

    public int Count => Groups.Count;

    /// <exception cref="PlanException">Ties go round in a circle or a pin breaks a rule; the sentence names the parts.</exception>
    /// <param name="overlaps">What is known of overlaps already, when many networks of the same coats are made.</param>
    public static StepNetwork Of(IReadOnlyList<CoatJob> jobs, OrderWish? wish = null, Crew? crew = null, Overlaps? overlaps = null)
    {
        var order = wish ?? OrderWish.Usual;
        // Lines along the way belong to their part; a shape that goes before the base cannot be one step with one that goes on it.
        var groups = jobs.GroupBy(j => (
                j.InStage, j.Role.Stage, j.Load, j.Layer, order.Lines == LineSchool.AlongTheWay && j.Role.Stage is Stage.Line or Stage.Highlight ? j.PartId : "",
                Precedence.BeforeBase(j.Reserved, j.Lightness, j.FigureMm2, order)))
            .Select(g => new CoatGroup([.. g.OrderBy(j => j.PartIndex)])).ToArray();
        var known = overlaps ?? new();
        groups = StackedGroups.Of(UnmixedGroups.Of(groups, order, known), order, known);
        var network = new StepNetwork(groups, order, crew ?? Crew.One, jobs.Count > 0 ? jobs[0].Pace : Pace.Usual, known);
        network.CheckPins();
        return network;
    }

    /// <summary>Coats of two groups that lie on common ground.</summary>
    public IEnumerable<(CoatJob First, CoatJob Then)> Touching(int a, int b) =>
        from one in Groups[a].Jobs from other in Groups[b].Jobs where overlaps.Of(one, other) select (one, other);

    /// <summary>The rule that puts a before b, if any.</summary>
    public OrderRule? Rule(int a, int b) => rules[a, b];

    /// <summary>Whether a comes before b by any chain of rules.</summary>
    public bool Before(int a, int b) => after[a, b];

    /// <summary>Drying between the end of a and the start of b, seconds; 0 when b need not wait.</summary>
    public double Lag(int a, int b) => lags[a, b];

    /// <summary>Whether a is wished before b, a sponge before fine work in the same place.</summary>
    public bool SpongeFirst(int a, int b) => spongeFirst[a, b];

    /// <summary>What it is worth to have a before b, seconds of session.</summary>
    public double WishedSeconds(int a, int b) => spongeFirst[a, b] ? SpongeFirstSeconds : 0;

    /// <summary>Change of tool, load and pose from one group to the next.</summary>
    /// <param name="a">The group before, or −1 at the start.</param>
    public double SetUp(int a, int b) => setUps[a < 0 ? Count : a, b];

    /// <summary>Whether two painters can be at both at once: not on the same ground, not in poses that exclude each other.</summary>
    public bool Together(int a, int b) => lags[a, b] == 0 && lags[b, a] == 0 && !after[a, b] && !after[b, a] && !Excludes(Groups[a].Poses, Groups[b].Poses);

    public int IndexOf(string coat)
    {
        for (var k = 0; k < Count; k++)
        {
            if (Groups[k].Jobs.Any(j => j.Key == coat))
            {
                return k;
            }
        }

        return -1;
    }

    private static bool Excludes(IReadOnlyList<Pose> a, IReadOnlyList<Pose> b) => a.Contains(Pose.ChinUp) != b.Contains(Pose.ChinUp) || Turn(a) != Turn(b);

    private static Pose? Turn(IReadOnlyList<Pose> poses) => poses.Where(Poses.IsTurned).Select(p => (Pose?)p).FirstOrDefault();

    private IEnumerable<(int First, int Then, OrderRule Rule)> Wanted(bool[,] overlap)
    {
        var kept = (Wish.Sequence ?? []).ToHashSet();
        var decided = Groups.Select(g => g.Jobs.All(j => kept.Contains(j.Key))).ToArray();
        for (var a = 0; a < Count; a++)
        {
            for (var b = 0; b < Count; b++)
            {
                // In an order that she keeps no school has a say; what touches is decided by it already.
                if (a == b || (decided[a] && decided[b] && Groups[a].Stage != Stage.Map && !(Groups[a].StaysDamp && Groups[b].OnDamp)))
                {
                    continue;
                }

                if (Precedence.Rule(Groups[a], Groups[b], overlap[a, b], Wish) is { } rule)
                {
                    yield return (a, b, rule);
                }
                else if (Wish.Holds(OrderRules.LipsLate) && Groups[b].OnLipsOnly && Groups[a].Stage <= Stage.BodyColour && !Groups[a].OnLipsOnly)
                {
                    yield return (a, b, OrderRules.LipsLate);
                }
            }
        }
    }

    private IEnumerable<(int First, int Then, OrderRule Rule)> Staged() =>
        from a in Enumerable.Range(0, Count) from b in Enumerable.Range(0, Count) where Groups[a].InStage < Groups[b].InStage select (a, b, OrderRules.Staged);

    // The rule by which a chain from a to b begins.
    private OrderRule Between(int a, int b) => rules[a, b] ?? Enumerable.Range(0, Count).Where(x => after[x, b]).Select(x => rules[a, x]).OfType<OrderRule>().FirstOrDefault() ?? OrderRules.Tied;

    private void Add(int a, int b, OrderRule rule)
    {
        rules[a, b] = rule;
        Precede(a, b);
    }

    // Notes that a comes before b, with all that follows from it.
    private void Precede(int a, int b)
    {
        if (after[a, b])
        {
            return;
        }

        for (var x = 0; x < Count; x++)
        {
            if ((x != a && !after[x, a]) || after[x, b])
            {
                continue;
            }

            for (var y = 0; y < Count; y++)
            {
                if (y == b || after[b, y])
                {
                    after[x, y] = true;
                }
            }
        }
    }

    // Ties b to a. What comes before one of a chain of tied steps comes before the whole chain, what comes after one after all.
    private void Join(int a, int b)
    {
        FollowsAt[a] = b;
        Precede(a, b);
        var chain = ChainOf(a);
        for (var x = 0; x < Count; x++)
        {
            if (chain.Contains(x))
            {
                continue;
            }

            if (chain.Any(c => after[x, c]))
            {
                Precede(x, chain[0]);
            }

            if (chain.Any(c => after[c, x]))
            {
                Precede(chain[^1], x);
            }
        }
    }

    // The tied steps around one, first to last.
    private List<int> ChainOf(int step)
    {
        var chain = new List<int> { step };
        for (var at = FollowsAt[step]; at >= 0; at = FollowsAt[at])
        {
            chain.Add(at);
        }

        for (var at = Array.IndexOf(FollowsAt, step); at >= 0; at = Array.IndexOf(FollowsAt, at))
        {
            chain.Insert(0, at);
        }

        return chain;
    }

    // Something that must lie between two chains when the second follows the first at once, or −1.
    private int Parts(int a, int b)
    {
        var (first, then) = (ChainOf(a), ChainOf(b));
        return Enumerable.Range(0, Count).Where(x => !first.Contains(x) && !then.Contains(x)).FirstOrDefault(x => first.Any(f => after[f, x]) && then.Any(t => after[x, t]), -1);
    }

    // A wet blend follows what it goes into, glitter its gel.
    private void TieWetCoats(bool[,] overlap)
    {
        for (var b = 0; b < Count; b++)
        {
            var group = Groups[b];
            var under = Enumerable.Range(0, Count).Where(a => overlap[a, b] && after[a, b] && (group.IntoWet || (group.Jobs[0].OnDamp && Groups[a].Jobs[0].StaysDamp)))
                .OrderByDescending(a => Groups[a].Stage).ThenByDescending(a => Groups[a].Layer).ThenByDescending(a => Groups[a].FirstPart);
            foreach (var a in under)
            {
                // Something that must come between parts them again.
                if (FollowsAt[a] < 0 && Parts(a, b) < 0)
                {
                    Join(a, b);
                    rules[a, b] = group.IntoWet ? OrderRules.IntoWet : OrderRules.OnDamp;
                    break;
                }
            }
        }
    }

    private void TieAsked()
    {
        foreach (var tie in Wish.Ties ?? [])
        {
            int a = IndexOf(tie.First), b = IndexOf(tie.Then);
            if (a < 0 || b < 0 || a == b || FollowsAt[a] == b)
            {
                continue;
            }

            if (after[b, a])
            {
                throw new PlanException([Problem.Of("order.ties", ProblemCode.TieAgainstRule, [("then", Capital(Groups[b].Words)), ("first", Groups[a].Words), .. RuleNamed(b, a)])]);
            }

            var between = Parts(a, b);
            if (FollowsAt[a] >= 0 || FollowsAt.Contains(b) || between >= 0)
            {
                throw new PlanException([between >= 0
                    ? Problem.Of("order.ties", ProblemCode.TieOverAnother, ("then", Capital(Groups[b].Words)), ("first", Groups[a].Words), ("between", Groups[between].Words))
                    : Problem.Of("order.ties", ProblemCode.TiedAlready, ("first", Capital(Groups[a].Words)), ("then", Groups[b].Words))]);
            }

            rules[a, b] = OrderRules.Tied;
            Join(a, b);
        }
    }

    private static int PinOf(CoatGroup group, OrderWish wish)
    {
        var pins = (wish.Pins ?? []).Where(p => group.Jobs.Any(j => j.Key == p.Coat)).ToArray();
        return pins.Select(p => p.Place).Distinct().Count() < 2 ? pins.FirstOrDefault()?.Place ?? 0
            : throw new PlanException([Problem.Of(
                "order.pins", ProblemCode.TwoPinsOfOneStep, ("coats", string.Join(" and ", pins.Select(p => p.Coat))), ("step", group.Words),
                    ("places", string.Join(" and ", pins.Select(p => p.Place))))]);
    }

    private void CheckPins()
    {
        for (var k = 0; k < Count; k++)
        {
            if (PinPlace[k] == 0)
            {
                continue;
            }

            if (PinPlace[k] > Count)
            {
                throw new PlanException([Problem.Of("order.pins", ProblemCode.PinAfterLast, ("step", Capital(Groups[k].Words)), ("place", PinPlace[k]), ("count", Count))]);
            }

            var before = Enumerable.Range(0, Count).Where(a => after[a, k]).ToArray();
            var behind = Enumerable.Range(0, Count).Count(b => after[k, b]);
            if (PinPlace[k] - 1 < before.Length || PinPlace[k] > Count - behind)
            {
                var early = PinPlace[k] - 1 < before.Length;
                var other = early ? before[^1] : Enumerable.Range(0, Count).First(b => after[k, b]);
                throw new PlanException([Problem.Of(
                    "order.pins", early ? ProblemCode.PinTooEarly : ProblemCode.PinTooLate,
                    [("step", Capital(Groups[k].Words)), ("place", PinPlace[k]), ("other", Groups[other].Words), .. early ? RuleNamed(other, k) : RuleNamed(k, other)])]);
            }
        }

        var pinned = Enumerable.Range(0, Count).Where(k => PinPlace[k] > 0).OrderBy(k => PinPlace[k]).ToArray();
        if (pinned.Length > 0 && PinnedOrder.Nearest(this, ListScheduler.Greedy(this)) is null)
        {
            throw new PlanException([Problem.Of("order.pins", ProblemCode.PinsAgainstEachOther, ("pins", string.Join(", ", pinned.Select(k => $"{Groups[k].Words} as step {PinPlace[k]}"))))]);
        }
    }

    // A rule that stands directly between two steps, to be named.
    internal (string Name, object Value)[] RuleNamed(int a, int b) => rules[a, b] is { } rule ? [("rule", rule.Words)] : [];

    internal static string Capital(string words) => words.Length == 0 ? words : char.ToUpperInvariant(words[0]) + words[1..];

    private double Weight(CoatGroup group)
    {
        var weight = 0.0;
        if (Wish.Holds(OrderRules.MustFirst) && group.Stage != Stage.Map)
        {
            weight += group.Jobs.Any(j => j.Priority == Priority.Must) ? MustWeight : group.Jobs.All(j => j.Priority == Priority.Extra) ? -MustWeight : 0;
        }

        var middle = group.Jobs[0].Footprint.Inside;
        weight += Wish.Holds(OrderRules.TopDown) ? TopWeight * middle.YMm / FaceMm : 0;
        // Seen from the front, a right hand comes from the wearer's left.
        weight += Wish.Holds(OrderRules.FarSideFirst) ? FarWeight * (Crew.RightHanded ? -1 : 1) * middle.XMm / FaceMm : 0;
        return weight;
    }

    private static double SetUp(CoatGroup? last, CoatGroup group, Pace pace)
    {
        var tool = last?.Tool.Id == group.Tool.Id && last.Load == group.Load ? 0 : pace.Of(Rates.ToolChange);
        var load = last?.Load == group.Load ? 0
            : pace.Of(Rates.Loading) + (group.Jobs[0].Lay.Split is not null ? (group.Jobs[0].Mix.Shares.Count - 1) * pace.Of(Rates.Reloading) : group.Jobs[0].Mix.Shares.Count > 1 ? pace.Of(Rates.Mixing) : 0);
        // Lids that are closed already need not be closed again: both lids, and all that goes on them, in one closing.
        var changes = group.Poses.Count - (last is not null && (last.Poses[^1] == group.Poses[0] || (last.Poses.Any(Poses.ClosesLids) && group.Poses.Any(Poses.ClosesLids))) ? 1 : 0);
        return tool + load + changes * pace.Of(Rates.PoseChange);
    }
}

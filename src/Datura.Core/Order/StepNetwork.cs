using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Order;

/// <summary>Who paints, and how.</summary>
/// <param name="Painters">One, or two on one face.</param>
/// <param name="RightHanded">Which hand holds the brush.</param>
public sealed record Crew(int Painters, bool RightHanded)
{
    public static Crew One { get; } = new(1, true);
}

/// <summary>The steps of a look with all that binds them: rules, drying, set-up, what is tied and pinned.</summary>
public sealed class StepNetwork
{
    // How much sooner a step is wished for, seconds of sitting for a second of its start; small, so that it only decides between
    // orders that are about equally short (by eye: fifteen must steps of a 20 min sitting weigh some 15 s all told).
    private const double MustWeight = 0.002;
    private const double TopWeight = 0.0004;
    private const double FarWeight = 0.0002;
    private const double FaceMm = 100;

    private readonly OrderRule?[,] rules;
    private readonly double[,] lags;
    private readonly double[,] setUps;
    private readonly bool[,] after;

    private StepNetwork(CoatGroup[] groups, OrderWish wish, Crew crew, Pace pace, Overlaps overlaps)
    {
        (Groups, Wish, Crew) = (groups, wish, crew);
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

        for (var a = 0; a < n; a++)
        {
            for (var b = 0; b < n; b++)
            {
                if (a != b && Precedence.Rule(groups[a], groups[b], overlap[a, b], wish) is { } rule)
                {
                    Add(a, b, rule);
                }

                setUps[a, b] = a == b ? 0 : SetUp(groups[a], groups[b], pace);
            }
        }

        for (var b = 0; b < n; b++)
        {
            setUps[n, b] = SetUp(null, groups[b], pace);
        }

        // Wishes that may go round in a circle with the rules give way to them.
        if (wish.Holds(OrderRules.LipsLate))
        {
            foreach (var (a, b) in from b in Enumerable.Range(0, n) where groups[b].OnLipsOnly from a in Enumerable.Range(0, n) where groups[a].Stage <= Stage.BodyColour && !groups[a].OnLipsOnly select (a, b))
            {
                if (!after[b, a] && rules[a, b] is null)
                {
                    Add(a, b, OrderRules.LipsLate);
                }
            }
        }

        for (var a = 0; a < n; a++)
        {
            for (var b = 0; b < n; b++)
            {
                if (rules[a, b] is not null && overlap[a, b])
                {
                    lags[a, b] = groups[b].IntoWet || (groups[b].Jobs[0].OnDamp && groups[a].Jobs[0].StaysDamp) ? 0 : groups[a].DryingSeconds;
                }
            }
        }

        FollowsAt = Enumerable.Repeat(-1, n).ToArray();
        TieWetCoats(overlap);
        TieAsked();
        PinPlace = [.. groups.Select(g => wish.Pins?.FirstOrDefault(p => g.Jobs.Any(j => j.Key == p.Coat))?.Place ?? 0)];
        Weights = [.. groups.Select(Weight)];
    }

    public IReadOnlyList<CoatGroup> Groups { get; }

    public OrderWish Wish { get; }

    public Crew Crew { get; }

    /// <summary>Which group follows at once, or −1.</summary>
    public int[] FollowsAt { get; }

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
                j.Role.Stage, j.Load, j.Layer, order.Lines == LineSchool.AlongTheWay && j.Role.Stage is Stage.Line or Stage.Highlight ? j.PartId : "",
                Precedence.BeforeBase(j.Reserved, j.Lightness, order)))
            .Select(g => new CoatGroup([.. g.OrderBy(j => j.PartIndex)])).ToArray();
        var network = new StepNetwork(groups, order, crew ?? Crew.One, jobs.Count > 0 ? jobs[0].Pace : Pace.Usual, overlaps ?? new());
        network.CheckPins();
        return network;
    }

    /// <summary>The rule that puts a before b, if any.</summary>
    public OrderRule? Rule(int a, int b) => rules[a, b];

    /// <summary>Whether a comes before b by any chain of rules.</summary>
    public bool Before(int a, int b) => after[a, b];

    /// <summary>Drying between the end of a and the start of b, seconds; 0 when b need not wait.</summary>
    public double Lag(int a, int b) => lags[a, b];

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

    private static bool Excludes(IReadOnlyList<string> a, IReadOnlyList<string> b) =>
        (a.Contains(Poses.TurnHead) && !b.Contains(Poses.TurnHead)) || (b.Contains(Poses.TurnHead) && !a.Contains(Poses.TurnHead)) || (a.Contains(Poses.ChinUp) != b.Contains(Poses.ChinUp));

    private void Add(int a, int b, OrderRule rule)
    {
        rules[a, b] = rule;
        for (var x = 0; x < Count; x++)
        {
            if (x != a && !after[x, a])
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
                if (FollowsAt[a] < 0 && !Enumerable.Range(0, Count).Any(x => after[a, x] && after[x, b]))
                {
                    FollowsAt[a] = b;
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
                throw new PlanException([new("order.ties", $"{Capital(Groups[b].Words)} cannot follow {Groups[a].Words}: it must come before it{Because(b, a)}. Undo the tie.")]);
            }

            if (FollowsAt[a] >= 0 || FollowsAt.Contains(b) || Enumerable.Range(0, Count).FirstOrDefault(x => after[a, x] && after[x, b], -1) is >= 0)
            {
                var between = Enumerable.Range(0, Count).FirstOrDefault(x => after[a, x] && after[x, b], -1);
                throw new PlanException([new("order.ties", between >= 0
                    ? $"{Capital(Groups[b].Words)} cannot follow {Groups[a].Words} at once: {Groups[between].Words} must come between them. Undo the tie."
                    : $"{Capital(Groups[a].Words)} and {Groups[b].Words} cannot be tied: one of them is tied to another step already. Undo one tie.")]);
            }

            FollowsAt[a] = b;
            Add(a, b, OrderRules.Tied);
        }
    }

    private void CheckPins()
    {
        for (var k = 0; k < Count; k++)
        {
            if (PinPlace[k] == 0)
            {
                continue;
            }

            var before = Enumerable.Range(0, Count).Where(a => after[a, k]).ToArray();
            var behind = Enumerable.Range(0, Count).Count(b => after[k, b]);
            if (PinPlace[k] - 1 < before.Length || PinPlace[k] > Count - behind)
            {
                var early = PinPlace[k] - 1 < before.Length;
                var other = early ? before[^1] : Enumerable.Range(0, Count).First(b => after[k, b]);
                throw new PlanException([new("order.pins", $"{Capital(Groups[k].Words)} cannot be step {PinPlace[k]}: {Groups[other].Words} must come {(early ? "before" : "after")} it{(early ? Because(other, k) : Because(k, other))}. Pin it {(early ? "later" : "earlier")}, or take the pin out.")]);
            }
        }
    }

    /// <summary>", because ..." for a direct rule, or nothing.</summary>
    internal string Because(int a, int b) => rules[a, b] is { } rule ? $", because of the rule: {rule.Words}" : "";

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
        var tool = last?.Tool == group.Tool && last.Load == group.Load ? 0 : pace.Of(Rates.ToolChange);
        var load = last?.Load == group.Load ? 0
            : pace.Of(Rates.Loading) + (group.Jobs[0].Mix.Shares.Count > 1 && group.Jobs[0].Lay.Split is null ? pace.Of(Rates.Mixing) : 0);
        // Lids that are closed already need not be closed again: both lids, and all that goes on them, in one closing.
        var changes = group.Poses.Count - (last is not null && (last.Poses[^1] == group.Poses[0] || (last.Poses.Contains(Poses.EyesClosed) && group.Poses.Contains(Poses.EyesClosed))) ? 1 : 0);
        return tool + load + changes * pace.Of(Rates.PoseChange);
    }
}

namespace Datura.Core.Order;

/// <summary>Writes a timetable as steps with their waits and reasons.</summary>
public static class Steps
{
    private const double LeastWaitSeconds = 0.05;

    // Dry so shortly before, that the step could hardly have come sooner.
    private const double JustDrySeconds = 20;

    public static IReadOnlyList<Step> Of(StepNetwork network, Schedule table)
    {
        var order = table.Order.OrderBy(g => table.StartSeconds[g]).ThenBy(g => Array.IndexOf(table.Order, g)).ToArray();
        var steps = new List<Step>();
        foreach (var g in order)
        {
            var group = network.Groups[g];
            var before = order.Where(a => a != g && table.Painter[a] == table.Painter[g] && table.StartSeconds[a] < table.StartSeconds[g]).DefaultIfEmpty(-1).Last();
            var free = before < 0 ? 0 : table.EndSeconds[before];
            var begin = table.StartSeconds[g] - table.SetUpSeconds[g];
            var wait = Math.Max(0, begin - free);
            var wet = order.Where(a => network.Lag(a, g) > 0 && table.EndSeconds[a] <= table.StartSeconds[g])
                .Select(a => (Group: a, Dry: table.EndSeconds[a] + network.Lag(a, g))).DefaultIfEmpty((Group: -1, Dry: 0.0)).MaxBy(a => a.Dry);
            var waits = wait > LeastWaitSeconds;
            string[] meanwhile = wet.Group < 0 ? [] : [.. order.Where(o => o != g && table.StartSeconds[o] >= table.EndSeconds[wet.Group] - 1e-6
                && table.StartSeconds[o] < table.StartSeconds[g]).Select(o => network.Groups[o].Words).Distinct()];
            steps.Add(new(
                Key: group.Key,
                Stage: group.Stage,
                Tool: group.Tool,
                Jobs: group.Jobs,
                Painter: table.Painter[g] + 1,
                Poses: group.Poses,
                StartSeconds: begin,
                WaitSeconds: waits ? wait : 0,
                SetUpSeconds: table.SetUpSeconds[g],
                WorkSeconds: group.WorkSeconds,
                DryingSeconds: group.DryingSeconds,
                WaitsFor: waits ? wet.Group >= 0 && wet.Dry > begin - 1 ? new(WaitCode.Dries, network.Groups[wet.Group].Words) : new(WaitCode.Room) : null,
                Meanwhile: meanwhile,
                Why: Why(network, table, order, g, before, meanwhile.Length > 0),
                Spread: DurationEstimate.OfStep(group.WorkSeconds, table.SetUpSeconds[g], group.Jobs[0].Pace.Spread))
            {
                FirstLidDriesSeconds = group.FirstLidDriesSeconds,
            });
        }

        return steps;
    }

    /// <summary>Likely length of a session and its spread.</summary>
    public static DurationEstimate Session(IReadOnlyList<Step> steps) =>
        DurationEstimate.OfSession(steps.Count == 0 ? 0 : steps.Max(s => s.EndSeconds), steps.Select(s => s.Spread), steps.Count == 0 ? null : steps[0].Jobs[0].Pace.Spread);

    private static IReadOnlyList<WhyHere> Why(StepNetwork network, Schedule table, int[] order, int g, int before, bool dries)
    {
        var why = new List<WhyHere>();
        if (network.PinPlace[g] > 0)
        {
            why.Add(new(ReasonCode.Rule, OrderRules.Pinned));
        }

        // Of many steps under the same rule the nearest one tells it.
        foreach (var rule in order.TakeWhile(a => a != g).Reverse().Where(a => network.Rule(a, g) is { } r && r != OrderRules.MapFirst).GroupBy(a => network.Rule(a, g)!))
        {
            why.Add(rule.Key == OrderRules.LinesLast ? new(ReasonCode.Rule, rule.Key) : new(ReasonCode.After, rule.Key, network.Groups[rule.First()].Words));
        }

        foreach (var rule in order.SkipWhile(a => a != g).Skip(1).Where(b => network.Rule(g, b) is not null).GroupBy(b => network.Rule(g, b)!))
        {
            why.Add(new(ReasonCode.Before, rule.Key, network.Groups[rule.First()].Words));
        }

        if (order.SkipWhile(a => a != g).Skip(1).FirstOrDefault(b => network.SpongeFirst(g, b) && network.Rule(g, b) is null, -1) is >= 0 and var fine)
        {
            why.Add(new(ReasonCode.Before, OrderRules.SpongeFirst, network.Groups[fine].Words));
        }

        foreach (var given in network.GivenWay.Where(w => w.First == g && w.Rule != OrderRules.LipsLate).GroupBy(w => (w.Rule, w.To)))
        {
            why.Add(new(ReasonCode.GivesWay, given.Key.Rule, network.Groups[given.First().Then].Words, given.Key.To));
        }

        if (order.Any(a => network.Lag(a, g) > 0 && table.EndSeconds[a] + network.Lag(a, g) is var dry && dry <= table.StartSeconds[g] + 1 && dry > table.StartSeconds[g] - JustDrySeconds))
        {
            why.Add(new(ReasonCode.Rule, OrderRules.DryBetween));
        }

        if (before >= 0 && (network.Groups[before].Load == network.Groups[g].Load || network.Groups[before].Tool.Id == network.Groups[g].Tool.Id))
        {
            why.Add(new(ReasonCode.After, OrderRules.ToolInHand, network.Groups[before].Words));
        }

        if (before >= 0 && network.Groups[before].Poses.Any(Poses.ClosesLids) && network.Groups[g].Poses.Any(Poses.ClosesLids))
        {
            why.Add(new(ReasonCode.Rule, OrderRules.LidsOnce));
        }

        if (dries)
        {
            why.Add(new(ReasonCode.Rule, OrderRules.BusyHands));
        }

        if (network.Wish.Holds(OrderRules.MustFirst) && network.Groups[g].Jobs.Any(j => j.Priority == Priority.Must) && network.Groups[g].Stage != Stage.Map)
        {
            why.Add(new(ReasonCode.Rule, OrderRules.MustFirst));
        }

        return why;
    }
}

using System.Collections.Concurrent;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Fit;

/// <summary>
/// What can be kept in how many minutes: of all versions of a look the ones that lose least for their time. Impact is how much the
/// picture changes, by area-weighted ΔE00 at the viewing distance under the set light.
/// </summary>
/// <param name="Curve">From the shortest version to all of it; each keeps more than the one before.</param>
public sealed record LookVersions(IReadOnlyList<LookVersionFound> Curve)
{
    private readonly ConcurrentDictionary<double, (LookVersions Versions, TimeBudgetVersion Best)> found = new();
    private Func<IEnumerable<LookVersionFound>> every = () => [];
    private Func<LookVersionFound?, double, CancellationToken, TimeBudgetVersion> search = (known, _, _) => new(known, 0);
    private Func<double, CancellationToken, IReadOnlyList<string>> givenUp = (_, _) => [];

    // Budgets tried between the least and the full work.
    private const int Budgets = 18;

    /// <summary>The version that keeps most within a slot; null when none fits.</summary>
    public LookVersionFound? Within(double seconds) => Curve.LastOrDefault(v => v.AtConfidenceSeconds <= seconds);

    /// <summary>What to say of a slot: that all fits, what it costs, or how far off it is and what would help.</summary>
    public IReadOnlyList<Remark> Said(double slotMinutes, Setting setting, CancellationToken cancel = default)
    {
        var share = 100 * setting.Confidence;
        if (Within(60 * slotMinutes) is { } found)
        {
            var minutes = found.AtConfidenceSeconds / 60;
            return [found.IsAll
                ? Remark.Of(RemarkCode.AllFits, ("minutes", minutes), ("share", share))
                : Remark.Of(RemarkCode.SomeFits, ("kept", 100 * found.Kept), ("minutes", minutes), ("share", share))];
        }

        var shortest = Curve[0].AtConfidenceSeconds / 60;
        return
        [
            Remark.Of(RemarkCode.NothingFits, ("slot", slotMinutes), ("minutes", shortest), ("share", share), ("over", shortest - slotMinutes)),
            givenUp(60 * slotMinutes, cancel) is { Count: > 0 } parts ? Remark.Of(RemarkCode.FitsWithout, ("parts", parts)) : Remark.Of(RemarkCode.NoPartFits),
            Remark.Of(setting.Painters == 1 ? RemarkCode.ShortenWithTwo : RemarkCode.Shorten),
        ];
    }

    /// <param name="full">The plan of the look with every part in full.</param>
    /// <param name="light">The set light; null for daylight.</param>
    public static LookVersions Of(Look look, PlannedLook full, Kit kit, Setting setting, ChromaticAdaptation? light = null, CancellationToken cancel = default)
    {
        var choices = Choices(look, full, kit, setting, light, mustsToo: false, cancel);
        var rests = RestsOn(choices, look);
        var overlaps = new Overlaps();
        LookVersionFound Session(IReadOnlyList<PartChoice> of, LesserPart?[] chosen, CancellationToken stop)
        {
            stop.ThrowIfCancellationRequested();
            return Measured(of, chosen, full, look, setting, overlaps);
        }

        TimeBudgetVersion Best(IReadOnlyList<PartChoice> of, double slot, LookVersionFound? known, CancellationToken stop) =>
            new TimeBudgetSearch(of, rests, slot, setting.Painters * DurationEstimate.MostLikelyWithin(slot, setting.Confidence, setting.OwnPace.Spread), known, chosen => Session(of, chosen, stop)).Found();
        var states = new Dictionary<string, LookVersionFound>();
        void Try(LesserPart?[] chosen)
        {
            var key = string.Join(' ', chosen.Select(c => c?.Key ?? "-"));
            if (!states.ContainsKey(key))
            {
                states[key] = Session(choices, chosen, cancel);
            }
        }

        Try(new LesserPart?[choices.Count]);
        var knapsack = new VersionKnapsack(choices, rests, full.Network!);
        foreach (var chosen in knapsack.ForBudgets(Budgets, cancel))
        {
            Try(chosen);
        }

        // Of versions that take longer and keep less none is wanted.
        var curve = new List<LookVersionFound>();
        foreach (var state in states.Values.OrderBy(s => s.AtConfidenceSeconds).ThenByDescending(s => s.Kept))
        {
            if (curve.Count == 0 || state.Kept > curve[^1].Kept + 1e-9)
            {
                curve.Add(state);
            }
        }

        return new(curve)
        {
            every = () => Every(choices, rests).Select(chosen => Session(choices, chosen, default)),
            search = (known, slot, stop) => Best(choices, slot, known, stop),
            givenUp = (slot, stop) =>
            {
                var freed = Choices(look, full, kit, setting, light, mustsToo: true, stop);
                var found = Best(freed, slot, null, stop).Found;
                return found is null || freed.All(c => found.Versions.GetValueOrDefault(c.PartId) == PartVersion.Out) ? []
                    : [.. freed.Where(c => c.Priority == Priority.Must && found.Versions.GetValueOrDefault(c.PartId) == PartVersion.Out).Select(c => $"the {c.Label.ToLowerInvariant()}")];
            },
        };
    }

    /// <summary>Every version there is, each with its session; for checks on looks of a few parts.</summary>
    internal IEnumerable<LookVersionFound> EveryVersion() => every();

    /// <summary>What may be left out of a look while it is painted; its parts as they are planned, nothing laid otherwise.</summary>
    /// <param name="planned">As it goes into the chair.</param>
    public static IReadOnlyList<ChairWay> Ways(Look look, PlannedLook planned, Kit kit, Setting setting, ChromaticAdaptation? light = null, CancellationToken cancel = default)
    {
        var choices = Choices(look, planned, kit, setting, light, mustsToo: false, cancel);
        var rests = RestsOn(choices, look);
        return
        [
            .. choices.SelectMany((c, k) => c.Lesser.Where(l => l.Version != PartVersion.Quick).Select(l => new ChairWay(
                c.PartId, Short(l.Version == PartVersion.Out ? c.Label : $"{c.Label}: {string.Join(", ", l.Without.Select(r => Role(r, c)))}"), Math.Round(Math.Clamp(c.Cost(l), 0, 2), 6), rests[k] < 0 ? null : choices[rests[k]].PartId)
            {
                Whole = l.Version == PartVersion.Out,
                Leaves = [.. c.Full.Where(j => !l.Jobs.Contains(j)).Select(j => j.Key)],
            })),
        ];
    }

    private static string Role(string id, PartChoice choice) => choice.Full.First(j => j.Role.Id == id).Role.Label.ToLowerInvariant();

    private static string Short(string words) => words.Length <= Limits.LongestWords ? words : words[..Limits.LongestWords];

    private static IEnumerable<LesserPart?[]> Every(IReadOnlyList<PartChoice> choices, int[] rests)
    {
        IEnumerable<LesserPart?[]> From(int k, LesserPart?[] chosen) => k == choices.Count
            ? Enumerable.Range(0, k).All(b => rests[b] < 0 || chosen[rests[b]]?.Version != PartVersion.Out || chosen[b]?.Version == PartVersion.Out) ? [(LesserPart?[])chosen.Clone()] : []
            : choices[k].Lesser.Prepend<LesserPart?>(null).SelectMany(way =>
            {
                var next = (LesserPart?[])chosen.Clone();
                next[k] = way;
                return From(k + 1, next);
            });
        return From(0, new LesserPart?[choices.Count]);
    }

    /// <summary>With the best version for one slot among them, and how far from the best it may be.</summary>
    public (LookVersions Versions, TimeBudgetVersion Best) For(double slotSeconds, CancellationToken cancel = default) => found.GetOrAdd(slotSeconds, slot =>
    {
        var best = search(Within(slot), slot, cancel);
        var curve = best.Found is null || Curve.Contains(best.Found) ? Curve
            : [.. Curve.Where(v => v.AtConfidenceSeconds < best.Found.AtConfidenceSeconds && v.Kept < best.Found.Kept), best.Found, .. Curve.Where(v => v.Kept > best.Found.Kept)];
        return (this with { Curve = curve }, best);
    });

    private static LookVersionFound Measured(IReadOnlyList<PartChoice> choices, LesserPart?[] chosen, PlannedLook full, Look look, Setting setting, Overlaps overlaps)
    {
        var parts = choices.Select(c => c.PartId).ToHashSet();
        var gone = choices.Where((c, k) => chosen[k]?.Version == PartVersion.Out).Select(c => c.PartId).ToHashSet();
        var jobs = full.Jobs.Where(j => !parts.Contains(j.PartId)).Select(j => j.Role.Stage == Stage.Map ? MapOf(j, full.Parts, gone) : j)
            .Concat(choices.SelectMany((c, k) => chosen[k]?.Jobs ?? c.Full)).ToArray();
        var network = StepNetwork.Of(jobs, Wish(look), setting.Crew, overlaps);
        var session = Steps.Session(ListScheduler.Order(network));
        return new(
            choices.Select((c, k) => (c.PartId, chosen[k])).Where(c => c.Item2 is { Without.Count: 0 }).ToDictionary(c => c.PartId, c => c.Item2!.Version), session,
            session.At(setting.Confidence), Math.Max(0, 1 - choices.Select((c, k) => chosen[k] is { } lesser ? c.Cost(lesser) : 0).Sum()),
            [.. choices.Select((c, k) => (c.Label, Lesser: chosen[k])).Where(c => c.Lesser is not null).Select(c => $"{c.Label}: {string.Join(", ", c.Lesser!.What)}")])
        {
            Without = choices.Select((c, k) => (c.PartId, Lesser: chosen[k])).Where(c => c.Lesser is { Without.Count: > 0 }).ToDictionary(c => c.PartId, c => c.Lesser!.Without),
        };
    }

    // Pins count places of the full look; the shorter one has its own.
    private static OrderWish Wish(Look look) => (look.Order ?? OrderWish.Usual) with { Pins = null, Ties = null };

    // The map draws only what is painted.
    private static CoatJob MapOf(CoatJob map, IReadOnlyList<ExpandedPart> parts, HashSet<string> gone)
    {
        double Length(IEnumerable<Mark> marks) => marks.OfType<StrokeMark>().Sum(m => Curves.Length(m.Path));
        Mark[] left = [.. parts.Where(p => !gone.Contains(p.Part.Id)).SelectMany(CoatJobs.MapLines)];
        return map with { Marks = left, LineMm = map.LineMm * Length(left) / Math.Max(1e-6, Length(map.Marks)) };
    }

    private static IReadOnlyList<PartChoice> Choices(Look look, PlannedLook full, Kit kit, Setting setting, ChromaticAdaptation? light, bool mustsToo, CancellationToken cancel)
    {
        var grid = FormGrid.Of(full.Body, FormGrid.CoarsePixels);
        var order = full.InOrder.Zip(full.Coats.SelectMany(c => c)).ToArray();
        SeenFace Seen(IEnumerable<LaidCoat> coats) => SeenFace.Of(coats, full.Skin, grid, light, setting.ViewingDistanceM);
        var whole = Seen(order.Select(o => o.Second));
        var all = Math.Max(whole.Difference(Seen([]), grid), 1e-6);
        var quick = QuickJobs(look, full, kit, setting);
        return [.. full.Parts.AsParallel().AsOrdered().WithCancellation(cancel).Select(expanded =>
        {
            var part = expanded.Part;
            var mine = full.Jobs.Where(j => j.PartId == part.Id).ToArray();
            var lesser = new List<LesserPart>();
            if (quick.TryGetValue(part.Id, out var jobs))
            {
                var seen = Seen(order.SelectMany(o => o.First.PartId != part.Id ? [o.Second] : jobs.Jobs.Where(j => j.Role.Id == o.First.Role.Id).Select(full.Colours!.Laid).Take(1)));
                lesser.Add(new(PartVersion.Quick, whole.Difference(seen, grid) / all, jobs.What, jobs.Jobs));
            }

            // Tones of a computed form are one thing: it is there or not.
            foreach (var roles in expanded.Kind.IsReckoned ? [] : CoatSubsets.Of([.. full.InOrder.Where(j => j.PartId == part.Id)]))
            {
                var seen = Seen(order.Where(o => o.First.PartId != part.Id || !roles.Contains(o.First.Role.Id)).Select(o => o.Second));
                lesser.Add(new(PartVersion.Full, whole.Difference(seen, grid) / all, [LookVersion.WithoutWords(expanded.Kind, roles)], [.. mine.Where(j => !roles.Contains(j.Role.Id))]) { Without = roles });
            }

            if (mustsToo || part.Priority != Priority.Must)
            {
                lesser.Add(new(PartVersion.Out, whole.Difference(Seen(order.Where(o => o.First.PartId != part.Id).Select(o => o.Second)), grid) / all, ["left out"], []));
            }

            return new PartChoice(part.Id, LookVersion.Named(expanded.Kind, part, look), part.Priority, mine, lesser);
        }).Where(c => c.Full.Count > 0)];
    }

    private static Dictionary<string, (IReadOnlyList<CoatJob> Jobs, IReadOnlyList<string> What)> QuickJobs(Look look, PlannedLook full, Kit kit, Setting setting)
    {
        var said = new Dictionary<string, IReadOnlyList<string>>();
        var parts = new List<ExpandedPart>();
        foreach (var expanded in full.Parts)
        {
            if (!expanded.Kind.IsReckoned && QuickVersion.Of(expanded.Kind, expanded.Part, kit, out var what) is { } quick)
            {
                said[quick.Id] = what;
                parts.Add(new(quick, expanded.Kind, expanded.Kind.Expand(full.Body, quick, setting.Costume, PartExpansion.HostOf(quick, full.Parts, full.Body))));
            }
            else
            {
                parts.Add(expanded);
            }
        }

        return CoatJobs.Of(look with { Mapping = Mapping.Freehand }, parts, full.Body, kit, setting.OwnPace, setting.Drying).Where(j => said.ContainsKey(j.PartId)).GroupBy(j => j.PartId)
            .ToDictionary(g => g.Key, g => ((IReadOnlyList<CoatJob>)[.. g], said[g.Key]));
    }

    // For each part the part it rests on, or −1: the one it hangs on, or else one whose colour its ground lies within.
    private static int[] RestsOn(IReadOnlyList<PartChoice> choices, Look look)
    {
        var rests = choices.Select(c => look.Parts.FirstOrDefault(p => p.Id == c.PartId)?.Hung?.On is { } on ? choices.ToList().FindIndex(h => h.PartId == on) : -1).ToArray();
        bool Leads(int from, int to) => from == to || (rests[from] >= 0 && Leads(rests[from], to));
        for (var b = 0; b < choices.Count; b++)
        {
            if (rests[b] >= 0)
            {
                continue;
            }

            var ground = choices[b].Full.OrderByDescending(j => j.Footprint.AreaMm2).First();
            rests[b] = Enumerable.Range(0, choices.Count).FirstOrDefault(
                a => !Leads(a, b) && choices[a].Full.Any(j => j.Role.Stage == Stage.BodyColour && j.Footprint.AreaMm2 > ground.Footprint.AreaMm2
                    && j.Footprint.SharedMm2(ground.Footprint) >= CoatSubsets.RestsOnShare * ground.Footprint.AreaMm2), -1);
        }

        return rests;
    }
}

using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Briefs;

/// <summary>A whole face drawn by the grammar of an idea: which parts, how large, in which colours. Whether it fits is found by planning it.</summary>
/// <param name="Tells">Ids of the parts without which nobody sees what it is.</param>
/// <param name="Titles">What it may be called, the likeliest first.</param>
/// <param name="Which">Its place among those drawn from the seed.</param>
internal sealed record Draft(Idea Idea, IdeaPalette Palette, Look Look, IReadOnlySet<string> Tells, IReadOnlyList<string> Titles, int Which)
{
    /// <summary>The kind of part that grounds are.</summary>
    public const string GroundKind = "skinBase";

    // How often what is mostly there is there, and what is there now and then.
    private const double OftenShare = 0.72;
    private const double MayShare = 0.34;

    // As long as a ground takes (by judgement).
    private const int UngroundedMore = 2;

    // Bolder by a tenth for every step, and so is simpler smaller.
    private const double PerBoldness = 1.12;

    // Nobody stirs paints for a face of a few minutes (common practice).
    private const double LeastToStir = 8;

    // Sisters, not twins (common practice).
    private const double LeastUneven = 0.15;
    private const double MostUneven = 0.35;

    public static Draft Of(Wish wish, Idea idea, int which)
    {
        var random = SeededRandom.For(wish.Brief.Seed, $"{idea.Name} {which}");
        var named = IdeaSearch.Named(wish.Brief.Words, idea);
        var palettes = Palettes(idea, named);
        var palette = palettes[(which + (int)(random.Unit() * palettes.Count)) % palettes.Count];
        var paints = new KitPalette(wish.Kit, palette, wish.Face.Skin, wish.Brief.Without ?? [], wish.Brief.Lips, stirs: wish.Minutes >= LeastToStir);
        var (parts, tells, kept) = (new List<Part>(), new HashSet<string>(), wish.Brief.Keep ?? []);
        var used = new List<Lab>();
        var titles = new List<string>();
        // Drawn whether it is asked for or not, so that the rest of the face is the same either way.
        var grounded = random.Unit() < idea.Grounded;
        if (wish.HasGround && grounded && kept.All(p => p.Kind != GroundKind))
        {
            Add(Ground(wish, random), random, tell: false);
        }

        paints.Ground = used.Count > 0 ? used[0] : null;
        foreach (var part in kept)
        {
            parts.Add(part with { Id = Fresh(part.Kind) });
            tells.Add(parts[^1].Id);
        }

        foreach (var choice in Chosen(wish, idea, named, which, parts.Any(p => p.Kind == GroundKind), random).Where(c => kept.All(k => k.Kind != c.Kind)))
        {
            Add(choice, random, tell: choice.Need == Need.Must);
            titles.AddRange(choice.Says is { } says ? [says] : []);
        }

        var called = named.Count > 0 ? $"{char.ToUpperInvariant(named[0][0])}{named[0][1..]}" : idea.Name;
        var look = new Look(called, "", wish.Minutes >= 20 ? Mapping.Pencil : Mapping.Freehand, Ordered(parts), Kit: wish.Kit.Id, Stages: Stages(wish, parts, tells));
        return new(idea, palette, look, tells, [.. titles, palette.Name], which);

        void Add(IdeaPart choice, SeededRandom by, bool tell)
        {
            var kind = PartKinds.Find(choice.Kind)!;
            var colours = choice.Colours ?? new Dictionary<string, string>();
            var mixes = new Dictionary<string, PaintMix>();
            foreach (var role in kind.Roles.Where(r => !r.Optional || colours.ContainsKey(r.Id)))
            {
                if (paints.For(role, kind, colours.GetValueOrDefault(role.Id), tell && role == kind.Roles[0], used) is { } paint)
                {
                    mixes[role.Id] = paint.Mix;
                    used.Add(paint.Colour);
                }
            }

            if (mixes.Count == 0)
            {
                return;
            }

            var fresh = NewPart.Of(kind, kind.HangsOn[0], wish.Kit);
            parts.Add(fresh with
            {
                Id = Fresh(kind.Id),
                Sides = choice.OneSided > 0 && by.Unit() < choice.OneSided ? OneSide(wish.Brief) : Sides.Both,
                Unevenness = Math.Round(LeastUneven + (MostUneven - LeastUneven) * by.Unit(), 2),
                Seed = 1 + (int)(999 * by.Unit()),
                Priority = choice.Need switch { Need.Must => Priority.Must, Need.Often => Priority.Nice, _ => Priority.Extra },
                Numbers = Numbers(choice, kind, wish, by),
                Words = Words(choice, by),
                Paints = mixes,
                // A ground whose paint is not labelled for lips or lids leaves them to others.
                Zones = choice.Kind == GroundKind ? Labelled(kind, [.. wish.Kit.Paints.Where(p => mixes["ground"].Shares.Any(s => s.Paint == p.Id))]) : fresh.Zones,
                Coats = choice.Kind == GroundKind && wish.Minutes < 12 ? new Dictionary<string, int> { ["ground"] = 1 } : fresh.Coats,
            });
            if (tell)
            {
                tells.Add(parts[^1].Id);
            }
        }

        Sides OneSide(Brief brief) => brief.Side switch
        {
            Side.Left => Sides.Left,
            Side.Right => Sides.Right,
            _ => (brief.Seed + which) % 2 == 0 ? Sides.Left : Sides.Right,
        };

        string Fresh(string kind) => Enumerable.Range(1, 99).Select(n => n == 1 ? kind : $"{kind}{n}").First(id => parts.All(p => p.Id != id));
    }

    // What is for other words than the one that is named stays away.
    private static bool IsFor(IReadOnlyList<string> of, IReadOnlyList<string> named) => of.Count == 0 || named.Count == 0 || of.Intersect(named).Any();

    // The colours of what is named, where it has some.
    private static IReadOnlyList<IdeaPalette> Palettes(Idea idea, IReadOnlyList<string> named)
    {
        IdeaPalette[] own = [.. idea.Palettes.Where(p => p.Of.Intersect(named).Any())], any = [.. idea.Palettes.Where(p => IsFor(p.Of, named))];
        return own.Length > 0 ? own : any.Length > 0 ? any : idea.Palettes;
    }

    private static Dictionary<string, IReadOnlyList<string>> Labelled(PartKind kind, PaintDescription[] paints)
    {
        var zones = kind.Parameters.OfType<ZonesSpec>().Single();
        string[] may = [.. zones.Choices.Where(z => (paints.All(p => p.OnLips) || z != Zone.Lips.Name()) && (paints.All(p => p.NearEyes) || z != Zone.Orbit.Name() && z != Zone.Lid.Name()))];
        return may.Length == zones.Choices.Count ? [] : new() { [zones.Id] = may };
    }

    // What tells the idea and goes that far; then what joins, in the order of the draw, as many as there is time for.
    private static IReadOnlyList<IdeaPart> Chosen(Wish wish, Idea idea, IReadOnlyList<string> named, int which, bool grounded, SeededRandom random)
    {
        IdeaPart[] may = [.. idea.Parts.Where(p => p.From <= wish.Extent && (wish.Brief.Ornament || !p.Ornament) && IsFor(p.Of, named))];
        IdeaPart[] temper = wish.Temper is { } t ? [.. Tempers.Parts(t).Where(p => !idea.Spoils.Contains(p.Kind))] : [];
        var (chosen, taken) = (new List<IdeaPart>(), new HashSet<string>());
        // Of those of which one may join, one is drawn; a brow that was asked for by its temper is it.
        foreach (var part in temper.Concat(may.Where(p => p.Need == Need.Must)).GroupBy(p => p.OneOf ?? p.Kind).Select(g => g.FirstOrDefault(temper.Contains) ?? InTurn(g.Key, [.. g])))
        {
            chosen.Add(part);
            taken.Add(part.OneOf ?? part.Kind);
        }

        var joining = may.Where(p => p.Need != Need.Must).Select(p => (Part: p, Draw: random.Unit())).Where(p => p.Draw < (p.Part.Need == Need.Often ? OftenShare : MayShare))
            .OrderBy(p => p.Draw / (p.Part.Need == Need.Often ? OftenShare : MayShare)).Select(p => p.Part);
        // Some of an old face's folds, not all, or six old ones were one.
        var folds = !wish.Old ? [] : OldAge.Parts.Where(p => p.From <= wish.Extent && !idea.Spoils.Contains(p.Kind)).OrderBy(_ => random.Unit()).Take(1 + wish.Joining / 2).ToArray();
        // What no ground takes the time of goes into more of the rest.
        var most = wish.Joining + (folds.Length + 1) / 2 + (wish.HasGround && !grounded ? UngroundedMore : 0);
        foreach (var part in folds.Concat(joining))
        {
            if (chosen.Count(c => c.Need != Need.Must) < most && taken.Add(part.OneOf ?? part.Kind))
            {
                chosen.Add(part);
            }
        }

        return chosen;

        // One draft after the other takes another of what tells it, so that six faces differ in that first.
        IdeaPart InTurn(string group, IdeaPart[] of) => of[(which + (int)(of.Length * SeededRandom.For(wish.Brief.Seed, $"{idea.Name} {group}").Unit())) % of.Length];
    }

    private static IdeaPart Ground(Wish wish, SeededRandom random)
    {
        var (shape, end) = wish.Extent switch
        {
            Extent.HalfFace => (GroundShape.UpperFace, "ends under the chin"),
            Extent.Face => (GroundShape.Whole, "fades below the jaw"),
            Extent.FaceAndNeck => (GroundShape.Whole, random.Unit() < 0.5 ? "fades below the jaw" : "ends on the neck"),
            _ => (GroundShape.Whole, "runs to the neckline"),
        };
        return new(GroundKind, Need.Must, Words: new Dictionary<string, IReadOnlyList<string>> { ["shape"] = [shape], ["lowerEnd"] = [end] });
    }

    private static Dictionary<string, double> Numbers(IdeaPart choice, PartKind kind, Wish wish, SeededRandom random)
    {
        var numbers = new Dictionary<string, double>();
        var bolder = Math.Pow(PerBoldness, wish.Brief.Boldness);
        foreach (var (id, times) in (choice.Times ?? new Dictionary<string, IReadOnlyList<double>>()).OrderBy(t => t.Key, StringComparer.Ordinal))
        {
            if (kind.Parameters.OfType<NumberSpec>().FirstOrDefault(p => p.Id == id) is { } spec)
            {
                numbers[id] = Within(spec, bolder * Between(times, random) * spec.Default(wish.Body));
            }
        }

        var tempered = wish.Temper is { } t && choice.Tempers is { } tempers && tempers.TryGetValue(t, out var own) ? own : null;
        foreach (var (id, span) in (choice.Numbers ?? new Dictionary<string, IReadOnlyList<double>>()).Where(n => tempered?.ContainsKey(n.Key) != true).Concat(tempered ?? new Dictionary<string, IReadOnlyList<double>>())
            .OrderBy(t => t.Key, StringComparer.Ordinal))
        {
            if (kind.Parameters.OfType<NumberSpec>().FirstOrDefault(p => p.Id == id) is { } spec)
            {
                numbers[id] = Within(spec, Between(span, random));
            }
        }

        return numbers;
    }

    private static double Within(NumberSpec spec, double value)
    {
        var whole = Math.Clamp(value, spec.Least, spec.Most);
        return spec is CountSpec ? Math.Round(whole) : Math.Round(whole, spec.Type == ParameterType.Ratio ? 2 : 1);
    }

    private static double Between(IReadOnlyList<double> span, SeededRandom random) => span.Count == 0 ? 1 : span[0] + (span[^1] - span[0]) * random.Unit();

    private static Dictionary<string, string> Words(IdeaPart choice, SeededRandom random) =>
        (choice.Words ?? new Dictionary<string, IReadOnlyList<string>>()).OrderBy(w => w.Key, StringComparer.Ordinal).ToDictionary(w => w.Key, w => w.Value[(int)(random.Unit() * w.Value.Count)]);

    // Grounds first, then fills, lines and lights as their kinds begin: what lies on what follows from it.
    private static Part[] Ordered(IEnumerable<Part> parts) => [.. parts.OrderBy(p => PartKinds.Find(p.Kind)!.Roles[0].Stage)];

    // Whoever has the time may stop once it can be read.
    private static LookStage[]? Stages(Wish wish, IReadOnlyList<Part> parts, HashSet<string> tells)
    {
        string[] later = [.. parts.Where(p => p.Kind != GroundKind && !tells.Contains(p.Id)).Select(p => p.Id)];
        return wish.Minutes >= 12 && later.Length >= 2 && tells.Count > 0 ? [new("What tells it", []), new("All of it", later)] : null;
    }
}

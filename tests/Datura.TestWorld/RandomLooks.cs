using Datura.Core.Hands;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.TestWorld;

/// <summary>Looks and settings drawn at random over all that a painter can set, for rules that must hold whatever she does.</summary>
public static class RandomLooks
{
    private static readonly string[] Switchable = [.. OrderRules.All.Where(r => r.Switchable).Select(r => r.Id)];

    public static Look Look(int seed, Kit kit)
    {
        var random = new Random(seed);
        var parts = Hung(random, [.. Enumerable.Range(0, random.Next(2, 13)).Select(k => Part(random, kit, k))]);
        var look = new Look($"Random {seed}", "", random.Next(2) == 0 ? Mapping.Pencil : Mapping.Freehand, parts, random.Next(3) == 0 ? 0.2 : 0);
        return look with
        {
            Form = random.Next(8) == 0 ? FormWish.Usual with { Laid = random.Next(2) == 0 ? new Dictionary<string, CoatLay> { [$"tone{random.Next(1, 6)}"] = new(Tool: Tool.HalfRoundSponge) } : null } : null,
            Order = random.Next(4) == 0 ? null : Order(random, parts),
            Stages = random.Next(3) == 0 ? Stages(random, parts) : null,
            Mendings = random.Next(3) == 0 ? Mendings(random, parts) : null,
        };
    }

    /// <summary>Two to four stages, with whole parts and single coats in them.</summary>
    public static IReadOnlyList<LookStage> Stages(Random random, IReadOnlyList<Part> parts)
    {
        var count = random.Next(2, 5);
        var named = parts.SelectMany(p => p.Paints.Keys.Select(r => $"{p.Id}/{r}").Prepend(p.Id)).Where(_ => random.Next(2) == 0).ToLookup(_ => random.Next(count));
        return [.. Enumerable.Range(0, count).Select(k => new LookStage($"Stage {k + 1}", [.. named[k]]))];
    }

    /// <summary>Preparing and mending of every kind, whether it has something to do or not.</summary>
    public static IReadOnlyList<Mending> Mendings(Random random, IReadOnlyList<Part> parts) =>
    [
        .. parts.SelectMany(p => p.Paints.Keys.Select(r => $"{p.Id}/{r}")).Where(_ => random.Next(2) == 0)
            .Select(c => new Mending(Pick(random, Enum.GetValues<MendingKind>()), c, random.Next(4) == 0, random.Next(4) == 0 ? random.Next(1, 200) : null)),
    ];

    public static Setting Setting(int seed)
    {
        var random = new Random(seed * 31 + 7);
        return DemoWorld.Parade with
        {
            Painters = random.Next(1, 3),
            RightHanded = random.Next(2) == 0,
            Drying = Pick(random, Enum.GetValues<DryingAid>()),
            SlotMinutes = random.Next(3, 90),
            NecklineMm = random.Next(-60, 151),
            OnOneself = random.Next(4) == 0,
            Conditions = [.. Enum.GetValues<Condition>().Where(_ => random.Next(2) == 0)],
            WearHours = random.Next(2) == 0 ? null : random.Next(1, 24),
        };
    }

    /// <summary>A wearer who says anything at all.</summary>
    public static WearerCard Card(int seed)
    {
        var random = new Random(seed * 17 + 3);
        string[] allergies = ["lanolin", "Nuts", "perfume", "nickel", "CI 77491", "wheat", "“anything”, really", "é"];
        return new(Pick(random, Enum.GetValues<Consent>()), Pick(random, Enum.GetValues<PhotoUse>()), Pick(random, Enum.GetValues<AgeGroup>()), random.Next(2) == 0 ? null : random.Next(1, 90), new(2026, 12, 24))
        {
            Allergies = [.. allergies.Where(_ => random.Next(3) == 0)],
            States = [.. Enum.GetValues<WearerState>().Where(_ => random.Next(3) == 0)],
            Brings = [.. Enum.GetValues<WearerCaution>().Where(_ => random.Next(3) == 0)],
        };
    }

    private static Part Part(Random random, Kit kit, int index)
    {
        var kind = Pick(random, PartKinds.All.Where(k => k.Id != "motif").ToArray());
        var part = NewPart.Of(kind, Pick(random, kind.HangsOn), kit);
        var painted = kind.Roles.Where(r => part.Paints.ContainsKey(r.Id)).ToArray();
        var paints = painted.ToDictionary(r => r.Id, r => random.Next(3) == 0 ? Mix(random, kit) : part.Paints[r.Id]);
        if (paints.Count > 1 && random.Next(6) == 0)
        {
            paints.Remove(Pick(random, paints.Keys.ToArray()));
        }

        return part with
        {
            Id = $"{kind.Id}-{index}",
            Sides = Pick(random, Enum.GetValues<Sides>()),
            Unevenness = random.NextDouble(),
            Seed = random.Next(1000),
            Priority = Pick(random, Enum.GetValues<Priority>()),
            Reserved = random.Next(2) == 0,
            Version = random.Next(5) == 0 ? Pick(random, Enum.GetValues<PartVersion>()) : PartVersion.Full,
            Numbers = kind.Parameters.Where(p => p.Type is not (ParameterType.Choice or ParameterType.Zones) && random.Next(3) == 0).ToDictionary(p => p.Id, p => Number(random, p)),
            Words = kind.Parameters.Where(p => p.Type == ParameterType.Choice).ToDictionary(p => p.Id, p => Pick(random, p.Choices)),
            Paints = paints,
            Coats = paints.Keys.Where(_ => random.Next(4) == 0).ToDictionary(r => r, _ => random.Next(1, 4)),
            Laid = paints.Keys.Where(_ => random.Next(4) == 0).ToDictionary(r => r, r => Lay(random, paints[r], kit)),
            Moved = random.Next(4) == 0 && kind.Movable ? new(random.Next(-30, 31), random.Next(-30, 31)) : default,
            Without = random.Next(8) == 0 ? [Pick(random, kind.Roles.ToArray()).Id] : [],
            Drawn = kind.Id == "ownLine" && random.Next(3) > 0 ? Drawn(random) : null,
            Rim = random.Next(6) == 0 ? new(Pick(random, Enum.GetValues<RimForm>()), 0.5 + 19.5 * random.NextDouble(), 2 + 48 * random.NextDouble()) : null,
            ReliefMm = random.Next(6) == 0 ? random.Next(-8, 9) : null,
        };
    }

    // Each on a place, on an earlier part, turned, or as its kind hangs.
    private static Part[] Hung(Random random, Part[] parts) =>
    [
        .. parts.Select((part, k) => !PartKinds.Find(part.Kind)!.Movable ? part : part with
        {
            Hung = random.Next(8) switch
            {
                0 => new(Pick(random, HangingPlaces.All), TurnDeg: random.Next(-180, 181), Once: random.Next(3) == 0),
                1 when k > 0 => new(On: Pick(random, parts[..k]).Id, Where: Pick(random, Enum.GetValues<HostPlace>()), Share: random.NextDouble(), OffMm: random.Next(-40, 61), TurnDeg: random.Next(-180, 181)),
                2 => new(TurnDeg: random.Next(-180, 181), Once: random.Next(2) == 0),
                _ => null,
            },
        }),
    ];

    private static OwnDrawing Drawn(Random random) => new(
        [.. Enumerable.Range(0, random.Next(0, 13)).Select(_ => new OwnPoint(random.Next(-80, 81), random.Next(-200, 80), random.Next(6) == 0 ? "cheilion_left" : null, random.Next(3)))],
        random.Next(2) == 0, random.Next(2) == 0);

    private static double Number(Random random, ParameterSpec spec)
    {
        // The ends break more than the middle does.
        var value = random.Next(4) switch { 0 => spec.Least, 1 => spec.Most, _ => spec.Least + random.NextDouble() * (spec.Most - spec.Least) };
        return spec.Type == ParameterType.Count ? Math.Round(value) : value;
    }

    private static PaintMix Mix(Random random, Kit kit) =>
        new([.. Enumerable.Range(0, random.Next(1, 4)).Select(_ => Pick(random, kit.Paints).Id).Distinct().Select(p => new PaintShare(p, random.Next(1, 5)))]);

    private static CoatLay Lay(Random random, PaintMix mix, Kit kit)
    {
        var lay = new CoatLay(
            0.2 + random.NextDouble() * 1.6, random.Next(2) == 0,
            mix.Shares.Count > 1 && random.Next(2) == 0 ? new(random.NextDouble(), random.Next(-180, 180), random.Next(2) == 0, random.Next(2) == 0, random.NextDouble(), random.Next(3) == 0) : null);
        lay = lay with { Words = random.Next(6) == 0 ? "Not too much." : null, MarksPerLoad = random.Next(4) == 0 ? random.Next(1, 12) : null };
        lay = random.Next(6) == 0 && HandChoice.TakesWater(mix, kit) ? lay with { PullOut = new(random.Next(1, 30), Pick(random, Enum.GetValues<PullTowards>())) } : lay;
        return random.Next(2) == 0 ? lay : WithHand(random, lay, mix, kit);
    }

    /// <summary>With a tool, a technique and water that can be for this mix.</summary>
    public static CoatLay WithHand(Random random, CoatLay lay, PaintMix mix, Kit kit)
    {
        var takesWater = HandChoice.TakesWater(mix, kit);
        if (mix.Shares.Any(s => PaintOptics.Find(kit, s.Paint).Material == Material.Pencil))
        {
            return lay;
        }

        var tool = Pick(random, UsualTools.All.Where(t => ToolForms.Paints(t.Form) && t.Form != ToolForm.Pencil && (lay.Split is null || ToolForms.TakesSplitLoad(t.Form))).ToArray());
        var row = Pick(random, HandTable.Techniques.Where(t => t.Forms.Contains(tool.Form) && (takesWater || t.Technique is not (Technique.PullOut or Technique.Drip or Technique.Splatter))).ToArray());
        return lay with { Ground = Pick(random, Enum.GetValues<Ground>()), Tool = tool.Id, Technique = row.Technique, Water = takesWater ? Pick(random, row.Waters) : null };
    }

    private static OrderWish Order(Random random, Part[] parts)
    {
        var coats = parts.SelectMany(p => p.Paints.Keys.Select(r => $"{p.Id}/{r}")).ToArray();
        return new(
            Pick(random, Enum.GetValues<LineSchool>()), Pick(random, Enum.GetValues<SocketSchool>()),
            random.Next(4) == 0 ? [.. coats.OrderBy(_ => random.Next())] : null,
            random.Next(3) == 0 && coats.Length > 0 ? [.. Enumerable.Range(1, random.Next(1, 4)).Select(k => new StepPin(Pick(random, coats), k * random.Next(1, 5))).DistinctBy(p => p.Place)] : null,
            random.Next(3) == 0 && coats.Length > 0 ? [.. Enumerable.Range(0, random.Next(1, 4)).Select(_ => new StepTie(Pick(random, coats), Pick(random, coats)))] : null,
            [.. Switchable.Where(_ => random.Next(4) == 0)],
            random.Next(3) == 0 && coats.Length > 0 ? [.. Enumerable.Range(0, random.Next(1, 4)).Select(_ => new CoatOver(Pick(random, coats), Pick(random, coats)))] : null);
    }

    public static T Pick<T>(Random random, IReadOnlyList<T> from) => from[random.Next(from.Count)];
}

using Datura.Core.Body;
using Datura.Core.Hands;
using Datura.Core.Paint;
using Datura.Core.Shapes;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;

namespace Datura.Core.Order;

/// <summary>Turns expanded parts into measured coats: reserves areas, adds the pencil map, and takes lengths and areas off the skin.</summary>
public static class CoatJobs
{
    /// <summary>A reserved area is left a little smaller than what will fill it, so that no bare line shows (common practice).</summary>
    private const double ReserveAllowanceMm = 1.5;

    /// <summary>Only outlines sharper than this are worth a pencil line (common practice).</summary>
    private const double SharpEdgeMm = 8;

    private const double PencilWidthMm = 0.7;

    /// <summary>Part id of the pencil map's own coat.</summary>
    public const string MapPartId = "map";

    private static readonly CoatRole MapRole = new("map", "Map", Stage.Map, Tool.PencilLiner, 1, 30);

    public static IReadOnlyList<CoatJob> Of(Look look, IReadOnlyList<ExpandedPart> parts, FittedBody body, Kit kit, Pace? pace = null, DryingAid aid = DryingAid.Air)
    {
        var reserved = Reserved(parts);
        // Measuring takes most of a plan's time and each coat stands for itself, so both cores share it (measured).
        var jobs = new List<Func<CoatJob>>();
        for (var k = 0; k < parts.Count; k++)
        {
            foreach (var role in parts[k].Kind.Roles)
            {
                var marks = parts[k].Marks.Marks.Where(m => m.Role == role.Id).ToArray();
                if (marks.Length == 0 || !parts[k].Part.Paints.TryGetValue(role.Id, out var mix))
                {
                    continue;
                }

                if (role.Stage == Stage.Base && !reserved.IsEmpty)
                {
                    marks = [.. marks.Select(m => m is RegionMark r ? r with { Outline = r.Outline.Difference(reserved), OnSkin = null, Reserve = new(r.Outline, reserved) } : m)];
                    // All of it is spared.
                    if (marks.All(m => m is RegionMark { Outline.IsEmpty: true }))
                    {
                        continue;
                    }
                }

                var (part, index) = (parts[k], k);
                jobs.Add(() => Measured(part, index, role, mix, marks, body, kit, aid) with
                {
                    Pace = pace ?? Pace.Usual,
                    Priority = part.Part.Priority,
                    InStage = LookStage.Of(look.Stages, part.Part.Id, role.Id),
                    Reserved = part.Part.Reserved && part.Kind.Roles[0].Id == role.Id,
                });
            }
        }

        if (look.Mapping == Mapping.Pencil && kit.Paints.FirstOrDefault(p => p.Material == Material.Pencil) is { } pencil)
        {
            var outlines = parts.SelectMany(MapLines).ToArray();
            if (outlines.Length > 0)
            {
                jobs.Insert(0, () => Measured(HandChoice.Of(MapRole, CoatLay.Usual, new([new(pencil.Id, 1)]), kit), MapPartId, "Map", -1, MapRole, 0, new([new(pencil.Id, 1)]), CoatLay.Usual, 1, outlines, body, kit, aid) with
                {
                    Pace = pace ?? Pace.Usual,
                    Priority = Priority.Must
                });
            }
        }

        return [.. jobs.AsParallel().AsOrdered().Select(measure => measure())];
    }

    private static Geometry Reserved(IReadOnlyList<ExpandedPart> parts)
    {
        // Figures of a part that touch are spared as one, so that no line of base stays between them.
        var areas = parts.Where(p => p.Part.Reserved)
            .Select(p => p.Marks.Marks.OfType<RegionMark>().Where(r => p.Kind.Roles[0].Id == r.Role).ToArray()).Where(r => r.Length > 0)
            .Select(r => UnaryUnionOp.Union(r.Select(m => m.Outline).ToArray()).Buffer(-ReserveAllowanceMm - r.Max(m => m.EdgeMm) / 2)).Where(g => !g.IsEmpty).ToArray();
        return areas.Length == 0 ? GeometryFactory.Default.CreatePolygon() : UnaryUnionOp.Union(areas);
    }

    /// <summary>The outlines of a part that a pencil map draws.</summary>
    internal static IEnumerable<Mark> MapLines(ExpandedPart part)
    {
        var first = part.Kind.Roles[0];
        // Computed tones run into each other and are laid by the tone map.
        if (first.Stage is Stage.Base or Stage.Line || part.Kind.IsReckoned)
        {
            return [];
        }

        return part.Marks.Marks.OfType<RegionMark>().Where(r => r.Role == first.Id && r.EdgeMm <= SharpEdgeMm)
            .SelectMany(r => Curves.OuterRings(r.Outline).Select(path => (Mark)new StrokeMark("map", r.Side, path, [.. path.Select(_ => PencilWidthMm)])));
    }

    // A pencil line's length only tells its time; every other point of its ring is near enough (within a hundredth).
    private static double LineMm(StrokeMark line, FittedBody body) => body.LineMm(
        line.Role == MapRole.Id && line.Path.Count > 12 ? [.. line.Path.Where((_, k) => k % 2 == 0 || k == line.Path.Count - 1)] : line.Path);

    private static CoatJob Measured(
        ExpandedPart part, int index, CoatRole role, PaintMix mix, IReadOnlyList<Mark> marks, FittedBody body, Kit kit, DryingAid aid) =>
        Measured(
            HandChoice.Of(role, part.Part.LayOf(role.Id), mix, kit, part.Kind.StencilRoles.Contains(role)), part.Part.Id, part.Label, index, role,
            part.Kind.Roles.TakeWhile(r => r != role).Count(r => r.Stage == role.Stage), mix, part.Part.LayOf(role.Id),
            part.Part.Coats.TryGetValue(role.Id, out var coats) ? coats : role.Coats, marks, body, kit, aid);

    private static CoatJob Measured(
        Hand hand, string partId, string label, int index, CoatRole role, int layer, PaintMix mix, CoatLay lay, int coats, IReadOnlyList<Mark> marks, FittedBody body, Kit kit, DryingAid aid)
    {
        var footprint = Footprint.Of(marks);
        var opaque = new PaintStackProbe(PaintOptics.Of(lay.Split?.At(mix, 0.5) ?? mix, kit)).OpaqueColour;
        var film = CoatFilm.Um(mix, kit, hand, lay);
        return new(
            PartId: partId,
            PartIndex: index,
            PartLabel: label,
            Role: role,
            Layer: layer,
            Hand: hand,
            Mix: mix,
            Lay: lay,
            Coats: coats,
            Marks: marks,
            Footprint: footprint,
            Zones: body.ZonesUnder(footprint.Cells()),
            AreaMm2: marks.OfType<RegionMark>().Where(CoatJob.IsDrawn).Sum(r => r.OnSkin ?? body.Chart.AreaMm2(r.Outline)),
            LineMm: marks.OfType<StrokeMark>().Sum(s => s.OnSkin ?? LineMm(s, body)),
            Lightness: opaque.L,
            DryingSeconds: mix.Shares.Max(s => Rates.DryingSeconds(PaintOptics.Find(kit, s.Paint), film, aid)) * hand.Drying)
        {
            PulledEdgeMm = lay.PullOut is { } pull ? PulledOut.EdgeMm(marks, pull) : 0,
            OnDamp = mix.Shares.Any(s => PaintOptics.Find(kit, s.Paint).Material is Material.Glitter or Material.Leaf or Material.Gem),
            StaysDamp = mix.Shares.Any(s => PaintOptics.Find(kit, s.Paint).Material is Material.Gel),
        };
    }
}

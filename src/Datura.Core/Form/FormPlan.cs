using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Shapes;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Union;

namespace Datura.Core.Form;

/// <summary>The computed form of a look on a face.</summary>
public sealed record FormPlan(Relief Relief, ToneMap Map, ToneBands Bands, Closure Closure, IReadOnlyList<FormPlace> Places, IReadOnlyList<CautionNote> Warnings, ExpandedPart Part, FormWish Wish)
{
    // Smaller than a fingertip is not worth a line (common practice).
    private const double LeastCm2 = 0.4;

    // A drop shadow is this much darker than the base, L* (common practice: clearly, but never black).
    private const double DropDepth = 30;

    private const double ToneEdgeMm = 4;
    private const double PowderEdgeMm = 9;

    /// <param name="ground">Skin with the base on it.</param>
    /// <param name="pixels">Cells across a whole window; coarse while a lamp is dragged.</param>
    public static FormPlan Of(FormWish wish, IReadOnlyList<ExpandedPart> parts, FittedBody body, Kit kit, PaintStack ground, Setting setting, int pixels = FormGrid.FinePixels)
    {
        var grid = FormGrid.Of(body, pixels);
        var relief = Relief.Of(grid, body, parts, wish.Zones ?? []);
        var coats = new ToneCoats(kit, ground, wish.With);
        var map = ToneMap.Of(relief, Painted(grid, body, parts), setting.FaceLight, wish.PretendedLight, ground.Colour().L, coats.Bounds, wish.Strength, wish.HighlightCap);
        var bands = ToneBands.Of(map, wish.Tones);
        var closure = Closure.Of(map, bands.Painted, relief, setting.ViewingDistanceM);
        return new(relief, map, bands, closure, PlacesOf(bands, grid),
            [.. FormWarnings.Of(map, bands, closure, wish, setting), .. LightSides.Contradictions(parts, grid, wish.Pretended.Towards)], PartOf(wish, bands, parts, grid, coats, map.BaseL), wish);
    }

    /// <summary>All that stays the same while the lamp of a form is dragged, on coarse cells.</summary>
    public static HeldForm Hold(FormWish wish, IReadOnlyList<ExpandedPart> parts, FittedBody body, Kit kit, PaintStack ground, Setting setting)
    {
        var grid = FormGrid.Of(body, FormGrid.CoarsePixels);
        var covered = Covered(parts);
        return new(wish, Relief.Of(grid, body, parts, wish.Zones ?? []), Painted(grid, body, parts), covered.IsEmpty ? new bool[grid.Width * grid.Height] : CellsOf(covered, grid),
            new ToneCoats(kit, ground, wish.With).Bounds, ground.Colour().L, setting.FaceLight);
    }

    // Face and front of the neck, and further down where a base runs.
    private static bool[] Painted(FormGrid grid, FittedBody body, IReadOnlyList<ExpandedPart> parts)
    {
        var grounds = parts.Where(p => p.Kind.Roles is [{ Stage: Stage.Base }, ..]).SelectMany(p => p.Marks.Marks).OfType<RegionMark>().ToArray();
        var figure = grounds.Length > 0
            ? UnaryUnionOp.Union(grounds.Select(g => g.Outline).ToArray())
            : UnaryUnionOp.Union(Zones.Face.Append(Zone.UnderJaw).Append(Zone.NeckFront).Select(z => body.ZoneOutlines[z].Buffer(0.8)).ToArray());
        // Eyes and lips have their own colours.
        return CellsOf(figure.Difference(body.ZoneOutlines[Zone.Lid]).Difference(body.ZoneOutlines[Zone.Lips]), grid);
    }

    private static bool[] CellsOf(Geometry figure, FormGrid grid)
    {
        var on = new bool[grid.Width * grid.Height];
        foreach (var (y, from, to) in ScanLines.Of(figure, grid.Window.YOfRow(grid.Height - 0.5), grid.CellMm, grid.Height))
        {
            var row = (int)Math.Floor(grid.Window.RowOf(y));
            int start = Math.Max(0, (int)Math.Ceiling(grid.Window.ColumnOf(from)) - grid.Left), end = Math.Min(grid.Width, (int)Math.Floor(grid.Window.ColumnOf(to)) - grid.Left);
            if (row >= 0 && row < grid.Height && start < end)
            {
                on.AsSpan(row * grid.Width + start, end - start).Fill(true);
            }
        }

        return on;
    }

    private static IReadOnlyList<FormPlace> PlacesOf(ToneBands bands, FormGrid grid)
    {
        var areas = new Dictionary<(Zone, Side, float), double>();
        // Cells beside each other mostly belong together and are booked at once (measured: 5 ms instead of 17).
        var (open, cm2) = (default((Zone, Side, float)), 0.0);
        void Book() => areas[open] = areas.GetValueOrDefault(open) + cm2;
        for (var n = 0; n < bands.Painted.Length; n++)
        {
            // Tones lie within each other; a cell counts for the one seen.
            if (bands.Painted[n] == 0)
            {
                continue;
            }

            var (zone, x) = (grid.ZoneOf[n], grid.Middle(n / grid.Width, n % grid.Width).XMm);
            var side = Math.Abs(x) < 9 && zone is Zone.Forehead or Zone.Nose or Zone.Chin or Zone.UpperLip or Zone.NeckFront or Zone.Sternum or Zone.UnderJaw ? Side.Middle : x > 0
                ? Side.Left : Side.Right;
            if (zone != open.Item1 || side != open.Item2 || bands.Painted[n] != open.Item3)
            {
                if (cm2 > 0)
                {
                    Book();
                }

                (open, cm2) = ((zone, side, bands.Painted[n]), 0);
            }

            cm2 += grid.AreaMm2[n] / 100;
        }

        if (cm2 > 0)
        {
            Book();
        }

        FormPlace Named((Zone Zone, Side Side, float Change) key, double total)
        {
            var tone = bands.Tones.First(t => (float)t.Change == key.Change);
            return new(key.Zone.Name(), key.Side, tone.Number, tone.IsLight, Math.Round(total, 1));
        }

        return [.. areas.Where(a => a.Value >= LeastCm2).Select(a => Named(a.Key, a.Value)).OrderByDescending(p => p.Tone).ThenByDescending(p => p.AreaCm2)];
    }

    // What parts in their own colours paint over wholly.
    private static Geometry Covered(IReadOnlyList<ExpandedPart> parts)
    {
        var over = parts.SelectMany(p => p.Marks.Marks.OfType<RegionMark>().Where(m => p.Part.Paints.ContainsKey(m.Role) && p.Kind.Roles.First(r => r.Id == m.Role).Stage == Stage.BodyColour))
            .Select(m => m.Outline.Buffer(-m.EdgeMm / 2)).Where(g => !g.IsEmpty).ToArray();
        return over.Length > 0 ? UnaryUnionOp.Union(over) : GeometryFactory.Default.CreatePolygon();
    }

    // Tones as coats of a part: what other parts paint over wholly needs none.
    private static ExpandedPart PartOf(FormWish wish, ToneBands bands, IReadOnlyList<ExpandedPart> parts, FormGrid grid, ToneCoats coats, double baseL)
    {
        var covered = Covered(parts);
        // Where the base fades out on the neck, its tones do too.
        var fade = parts.Where(p => p.Kind.Roles is [{ Stage: Stage.Base }, ..]).SelectMany(p => p.Marks.Marks).OfType<RegionMark>().Select(m => m.Fade).FirstOrDefault(f => f is not null);
        var marks = new List<Mark>();
        var paints = new Dictionary<string, PaintMix>();
        var laid = new Dictionary<string, CoatLay>();
        var sizes = new List<SizeLine>();
        foreach (var tone in bands.Tones)
        {
            var figure = tone.Outline.Difference(covered);
            if (figure.IsEmpty || coats.For(baseL + tone.Change) is not { } coat)
            {
                continue;
            }

            paints[FormKind.Role(tone)] = coat.Mix;
            laid[FormKind.Role(tone)] = coat.Lay;
            marks.Add(new RegionMark(FormKind.Role(tone), Side.Middle, figure, wish.With == ShadeWith.Powder ? PowderEdgeMm : ToneEdgeMm, fade));
            sizes.Add(new($"Tone {tone.Number}", Math.Round(Math.Abs(tone.Change), 1), "L*", tone.IsLight ? "lighter than the base" : "darker than the base"));
        }

        if (wish.Strength > 0 && DropShadows.Of(parts, grid, wish.Pretended.Towards) is { Count: > 0 } drops && coats.For(baseL - DropDepth * Math.Min(1, wish.Strength)) is { } dark)
        {
            paints["drop"] = dark.Mix;
            laid["drop"] = dark.Lay;
            marks.AddRange(drops);
        }

        if (wish.Folds && FoldPairs.Of(parts, grid, wish.Pretended.Towards) is { Count: > 0 } folds && coats.For(Math.Min(96, baseL + wish.HighlightCap)) is { } light)
        {
            paints["folds"] = light.Mix;
            laid["folds"] = light.Lay;
            marks.AddRange(folds);
        }

        var part = new Part(
            FormKind.PartId, "form", Sides.Both, 0, 1, Priority.Nice, false, new Dictionary<string, double>(), new Dictionary<string, string>(),
            new Dictionary<string, IReadOnlyList<string>>(), paints, new Dictionary<string, int>(), Laid: laid);
        var kind = FormKind.Of(bands.Tones, wish.With, paints.ContainsKey("folds"), paints.ContainsKey("drop"));
        return new(FormHands.Of(part, kind, wish, coats.Kit), kind, new(marks, sizes));
    }
}

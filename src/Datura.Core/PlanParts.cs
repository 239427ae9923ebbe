using Datura.Core.Body;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>Writes an expanded part as plan data.</summary>
public static class PlanParts
{
    public static PlanPart Of(ExpandedPart part, FittedBody body, IReadOnlyList<CoatJob> jobs, Kit kit, CoatColours colours)
    {
        var own = jobs.Where(j => j.PartId == part.Part.Id).ToArray();
        var context = new PartContext(body, part.Part, new(0), Side.Middle);
        var laid = own.Select(j => j.Role.Id).ToHashSet();
        return new(
            Id: part.Part.Id,
            Kind: part.Kind.Id,
            Label: part.Label,
            Priority: part.Part.Priority,
            Values: part.Kind.Parameters.OfType<NumberSpec>().ToDictionary(p => p.Id, p => Math.Round(context.Number(p), 2)),
            Words: part.Kind.Parameters.OfType<ChoiceSpec>().ToDictionary(p => p.Id, context.Word),
            Sizes: [.. part.Marks.Sizes.Select(s => s with { Value = Math.Round(s.Value, 1) })],
            Zones: [.. own.SelectMany(j => j.Zones).Distinct().Select(z => z.Name())],
            Marks: [.. part.Marks.Marks.Where(m => laid.Contains(m.Role)).Select(Mark)],
            Coats: [.. own.Select(j => Coat(j, kit, colours))],
            Seconds: Math.Round(own.Sum(j => j.WorkSeconds), 1),
            Movable: part.Kind.Movable,
            LeftRight: Compared(part.Marks),
            OwnPoints: [.. OwnPoints.Shown(part.Kind, part.Part, body).SelectMany(p => new[] { Math.Round(p.XMm, 1), Math.Round(p.YMm, 1) })]);
    }

    // Both sides by the weight and the middle of what they carry.
    private static LeftRight? Compared(PartMarks marks)
    {
        var (left, right) = (marks.Marks.Where(m => m.Side == Side.Left).ToArray(), marks.Marks.Where(m => m.Side == Side.Right).ToArray());
        if (left.Length == 0 || right.Length == 0)
        {
            return null;
        }

        var (l, r) = (Domain.Mark.Middle(left)!.Value, Domain.Mark.Middle(right)!.Value);
        double Area(Mark[] of) => Math.Round(of.OfType<RegionMark>().Sum(m => m.Outline.Area) / 100, 2);
        return new(Area(left), Area(right), Math.Round(l.YMm - r.YMm, 1), Math.Round(l.XMm + r.XMm, 1));
    }

    public static string PaintName(PaintMix mix, Kit kit) => mix.Shares.Count == 1
        ? PaintOptics.Find(kit, mix.Shares[0].Paint).Name
        : string.Join(" : ", mix.Shares.Select(s => FormattableString.Invariant($"{s.Parts:0.##} {PaintOptics.Find(kit, s.Paint).Name}")));

    /// <summary>Paints of a coat: stirred in parts, or side by side.</summary>
    public static string PaintName(CoatJob job, Kit kit) => job.Lay.Split is null
        ? PaintName(job.Mix, kit)
        : string.Join(" | ", job.Mix.Shares.Select(s => PaintOptics.Find(kit, s.Paint).Name));

    private static PlanCoat Coat(CoatJob job, Kit kit, CoatColours colours)
    {
        var (lab, bare) = (colours.Of(job), colours.OnBareSkin(job));
        return new(
            Role: job.Role.Id,
            Label: job.Role.Label,
            Paint: PaintName(job, kit),
            UsualTool: job.Role.Tool,
            Tool: job.Hand.Tool.Id,
            ToolName: job.Hand.Tool.Name,
            Technique: job.Hand.Technique,
            Water: job.Hand.Water,
            Risks: job.Hand.Risks,
            Grain: Math.Round(job.Hand.Grain, 2),
            Coats: job.Coats,
            FilmUm: Math.Round(colours.FilmUm(job), 1),
            Colour: Srgb.From(lab).Hex,
            ColourLab: new(Math.Round(lab.L, 2), Math.Round(lab.A, 2), Math.Round(lab.B, 2)),
            OnBareSkin: Srgb.From(bare).Hex,
            TintDeltaE: Math.Round(ColourDifference.DeltaE00(lab, bare), 1),
            OpaqueColour: Srgb.From(new PaintStackProbe(PaintOptics.Of(job.Main, kit)).OpaqueColour).Hex,
            SkinShowsDeltaE: Math.Round(colours.SkinShows(job, job.Coats), 2),
            CoatsToHide: colours.CoatsToHide(job),
            AreaCm2: Math.Round(job.AreaMm2 / 100, 2),
            LineMm: Math.Round(job.LineMm, 1),
            FilmShare: job.Lay.Film,
            IntoWet: job.Lay.IntoWet,
            SplitColours: job.Lay.Split is null ? [] : [.. colours.EachOnBareSkin(job).Select(c => Srgb.From(c).Hex)]);
    }

    private static PlanMark Mark(Mark mark) => mark switch
    {
        RegionMark r => new(r.Role, r.Side, "region", [.. Curves.Rings(r.Outline).Select(Flat)], [r.EdgeMm]),
        StrokeMark s => new(s.Role, s.Side, "stroke", [Flat(s.Path)], [.. s.WidthsMm.Select(w => Math.Round(w, 2))]),
        DotMark d => new(d.Role, d.Side, "dot", [Flat([d.At])], [Math.Round(d.DiameterMm, 2)]),
        _ => throw new NotSupportedException(),
    };

    private static IReadOnlyList<double> Flat(IEnumerable<ChartPoint> points) =>
        [.. points.SelectMany(p => new[] { Math.Round(p.XMm, 2), Math.Round(p.YMm, 2) })];
}

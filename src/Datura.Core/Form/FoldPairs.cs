namespace Datura.Core.Form;

/// <summary>
/// A fold is a pair: a dark line with a light line on one side, the same side everywhere for one light (common practice). The lip
/// that faces the lamp is lit: of a crease it is the one on the far side from the lamp.
/// </summary>
public static class FoldPairs
{
    private const double ShortestMm = 6;
    private const double GapMm = 0.6;
    private const double LightWidth = 0.7;

    /// <summary>The light line of every fold line of the parts that brings none itself.</summary>
    public static IReadOnlyList<StrokeMark> Of(IReadOnlyList<ExpandedPart> parts, FormGrid grid, Vec3 towards) =>
        [.. parts.Where(p => p.Kind.IsFold && !HasItsOwn(p)).SelectMany(p => p.Marks.Marks.OfType<StrokeMark>().Where(m => IsLine(p, m)))
            .Where(m => Curves.Length(m.Path) >= ShortestMm).Select(m => LightOf(m, grid, towards))];

    /// <summary>Which side of a line is lit at a place, as a unit step on the chart across a direction.</summary>
    internal static ChartPoint LitSide(ChartPoint at, ChartPoint direction, FormGrid grid, Vec3 towards)
    {
        var across = 1 / Math.Max(direction.Length(), 1e-9) * new ChartPoint(-direction.YMm, direction.XMm);
        var lamp = grid.LampAlong(grid.CellAt(at), towards);
        return across.XMm * lamp.XMm + across.YMm * lamp.YMm > 0 ? -1 * across : across;
    }

    // A part that the painter gave a light of its own has its light line already.
    private static bool HasItsOwn(ExpandedPart part) => part.Kind.Roles.Any(r => r.Stage == Stage.Highlight && part.Part.Paints.ContainsKey(r.Id));

    private static bool IsLine(ExpandedPart part, StrokeMark mark) => part.Kind.Roles.First(r => r.Id == mark.Role).Stage != Stage.Highlight;

    // One side for the whole line, so that it does not jump where the line turns towards the lamp.
    private static StrokeMark LightOf(StrokeMark fold, FormGrid grid, Vec3 towards)
    {
        var path = fold.Path;
        ChartPoint Direction(int k) => path[Math.Min(k + 1, path.Count - 1)] - path[Math.Max(k - 1, 0)];
        var votes = Enumerable.Range(0, path.Count).Sum(k => LitSide(path[k], Direction(k), grid, towards) is var side && side.XMm * -Direction(k).YMm + side.YMm * Direction(k).XMm > 0 ? 1 : -1);
        var sign = votes >= 0 ? 1 : -1;
        ChartPoint[] light = [.. path.Select((p, k) =>
        {
            var d = Direction(k);
            var across = 1 / Math.Max(d.Length(), 1e-9) * new ChartPoint(-d.YMm, d.XMm);
            return p + sign * (fold.WidthsMm[k] / 2 * (1 + LightWidth) + GapMm) * across;
        })];
        return new("folds", fold.Side, light, [.. fold.WidthsMm.Select(w => Math.Max(0.4, LightWidth * w))]);
    }
}

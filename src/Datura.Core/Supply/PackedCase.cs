using Datura.Core.Paint;

namespace Datura.Core.Supply;

/// <summary>What goes into the case, and what it costs.</summary>
/// <param name="Faces">Of all evenings.</param>
/// <param name="Minutes">Of painting, of all evenings.</param>
/// <param name="Cost">Paint of all faces in the mean; null when a price or a pot is not known.</param>
public sealed record PackedCase(IReadOnlyList<PackedPaint> Paints, IReadOnlyList<PackedTool> Tools, int Faces, double Minutes, double? Cost)
{
    /// <param name="lines">What one face of each line takes, and how many there are of it in one evening.</param>
    public static PackedCase Of(Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines, Kit kit)
    {
        PackedPaint[] paints = [.. kit.Paints.Select(p => Of(p, packed, lines)).OfType<PackedPaint>()];
        PackedTool[] tools =
        [
            .. lines.SelectMany(l => l.Each.Tools.Select(t => (l.Faces, Use: t))).GroupBy(t => t.Use.Tool).Select(g => Of(packed, [.. g]))
                .OrderByDescending(t => t.Fresh).ThenBy(t => t.Name, StringComparer.Ordinal),
        ];
        double? cost = paints.All(p => p.Cost is not null) ? paints.Sum(p => p.Cost) : null;
        return new(paints, tools, packed.Evenings * lines.Sum(l => l.Faces), packed.Evenings * lines.Sum(l => l.Faces * l.Each.Minutes), cost);
    }

    private static PackedPaint? Of(PaintDescription paint, Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines)
    {
        var (ml, pieces) = (Demand.None, Demand.None);
        foreach (var (faces, each) in lines)
        {
            foreach (var taken in each.Paints.Where(u => u.Paint == paint.Id))
            {
                ml += Demand.Of(packed.Evenings * faces, taken.Ml, taken.Spread, packed.Queue);
                pieces += Demand.Of(packed.Evenings * faces, taken.Pieces, 0, packed.Queue);
            }
        }

        if (ml.Mean <= 0 && pieces.Mean <= 0)
        {
            return null;
        }

        var (enough, use) = (ml.Enough(packed.ShortChance), MaterialUse.Of(paint.Material));
        var counted = use.ByPiece;
        return new(
            paint.Id, paint.Name, Srgb.From(new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour).Hex, paint.Material, counted ? 0 : ml.Mean, counted ? 0 : enough, counted ? 0 : enough * use.GramsPerMl,
            pieces.EnoughPieces(packed.ShortChance), paint.LeftMl, counted || paint.LeftMl is null ? null : ml.ShortChance(paint.LeftMl.Value),
            counted || paint.LeftMl is null || paint.PotMl is not { } pot ? null : (int)Math.Ceiling(Math.Max(0, enough - paint.LeftMl.Value) / pot),
            counted || paint.Price is not { } price || paint.PotMl is not { } full ? null : price * ml.Mean / full);
    }

    // Sponges for one evening: they are washed before the next. A queue may be longer than expected.
    private static PackedTool Of(Case packed, (int Faces, ToolUse Use)[] uses)
    {
        var first = uses[0].Use;
        var fresh = Demand.None;
        foreach (var (faces, use) in uses)
        {
            fresh += Demand.Of(faces, use.EachTime, 0, packed.Queue);
        }

        return new(first.Tool, first.Name, first.Form, fresh.Mean > 0 ? fresh.EnoughPieces(packed.ShortChance) : uses.Max(u => u.Use.AtOnce), fresh.Mean > 0);
    }
}

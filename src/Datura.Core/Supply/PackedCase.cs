using Datura.Core.Paint;

namespace Datura.Core.Supply;

/// <summary>What goes into the case, and what it costs.</summary>
/// <param name="Faces">Of all evenings.</param>
/// <param name="Minutes">Of painting, of all evenings.</param>
/// <param name="Cost">Paint of all faces in the mean; null when a price or a pot is not known.</param>
public sealed record PackedCase(IReadOnlyList<PackedPaint> Paints, IReadOnlyList<PackedTool> Tools, int Faces, double Minutes, double? Cost)
{
    /// <summary>What keeps an evening clean, and its time.</summary>
    public required HygienePlan Hygiene { get; init; }

    /// <param name="lines">What one face of each line takes, and how many there are of it in one evening.</param>
    public static PackedCase Of(Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines, Kit kit)
    {
        var clean = HygienePlan.Of(packed, lines);
        PackedPaint[] paints = [.. kit.Paints.Select(p => Of(p, packed, lines)).OfType<PackedPaint>()];
        PackedTool[] tools =
        [
            .. lines.SelectMany(l => l.Each.Tools.Select(t => (l.Faces, Use: t))).GroupBy(t => t.Use.Tool)
                .Select(g => Of(packed, [.. g], clean.Tools.FirstOrDefault(t => t.Tool == g.Key)?.Needed ?? 1))
                .OrderByDescending(t => t.Fresh).ThenBy(t => t.Name, StringComparer.Ordinal),
        ];
        double? cost = paints.All(p => p.Cost is not null) ? paints.Sum(p => p.Cost) : null;
        return new(paints, tools, packed.Evenings * lines.Sum(l => l.Faces), packed.Evenings * lines.Sum(l => l.Faces * l.Each.Minutes), cost) { Hygiene = clean };
    }

    private static PackedPaint? Of(PaintDescription paint, Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines)
    {
        var (ml, pieces) = (Demand.None, Demand.None);
        foreach (var (faces, each) in lines)
        {
            foreach (var taken in each.Paints.Where(u => u.Paint == paint.Id))
            {
                ml += Demand.Of(packed.Evenings * faces, Ml(taken, packed), taken.Spread, packed.Queue);
                pieces += Demand.Of(packed.Evenings * faces, taken.Pieces, 0, packed.Queue);
            }
        }

        if (ml.Mean <= 0 && pieces.Mean <= 0)
        {
            return null;
        }

        var (enough, use) = (ml.Enough(packed.ShortChance), MaterialUse.Of(paint.Material));
        var (counted, left) = (use.ByPiece, PotLevel.LeftMl(paint));
        return new(
            paint.Id, paint.Name, Srgb.From(new PaintStackProbe(PaintOptics.Of(paint)).OpaqueColour).Hex, paint.Material, counted ? 0 : ml.Mean, counted ? 0 : enough, counted ? 0 : enough * use.GramsPerMl,
            pieces.EnoughPieces(packed.ShortChance), left, counted || left is null ? null : ml.ShortChance(left.Value),
            counted || left is null || paint.PotMl is not { } pot ? null : (int)Math.Ceiling(Math.Max(0, enough - left.Value) / pot),
            counted || paint.Price is not { } price || paint.PotMl is not { } full ? null : price * ml.Mean / full)
        {
            LastsEvenings = counted || left is null ? null : Lasts(paint.Id, packed, lines, left.Value),
            LastDay = PotAge.LastDay(paint),
            GoesOff = PotAge.LastDay(paint) < packed.LastOn(),
            Instead = Substitutes.For(paint.Material),
        };
    }

    private static double Ml(PaintUse use, Case packed) => use.Ml * packed.AmountPercent / 100;

    // Whole evenings that what is there is enough for, but for the chance; as many as there are when it lasts.
    private static int Lasts(string paint, Case packed, IReadOnlyList<(int Faces, FaceSupply Each)> lines, double leftMl)
    {
        bool IsEnough(int evenings) => lines.SelectMany(l => l.Each.Paints.Where(u => u.Paint == paint).Select(u => Demand.Of(evenings * l.Faces, Ml(u, packed), u.Spread, packed.Queue)))
            .Aggregate(Demand.None, (sum, d) => sum + d).Enough(packed.ShortChance) <= leftMl;
        var (fits, most) = (0, packed.Evenings);
        while (fits < most)
        {
            var middle = (fits + most + 1) / 2;
            (fits, most) = IsEnough(middle) ? (middle, most) : (fits, middle - 1);
        }

        return fits;
    }

    // Sponges for one evening: they are washed before the next. A queue may be longer than expected.
    private static PackedTool Of(Case packed, (int Faces, ToolUse Use)[] uses, int brushes)
    {
        var first = uses[0].Use;
        var fresh = Demand.None;
        foreach (var (faces, use) in uses)
        {
            fresh += Demand.Of(faces, packed.Sponges == SpongeSchool.Face ? Math.Min(1, use.EachTime) : use.EachTime, 0, packed.Queue);
        }

        // A washed set for every face: as many faces as may come.
        brushes = packed.Brushes == BrushSchool.SetForEveryFace && brushes > 1 ? Demand.Of(brushes, 1, 0, packed.Queue).EnoughPieces(packed.ShortChance) : brushes;
        return new(first.Tool, first.Name, first.Form, fresh.Mean > 0 ? fresh.EnoughPieces(packed.ShortChance) : brushes, fresh.Mean > 0) { Instead = Substitutes.For(first.Form) };
    }
}

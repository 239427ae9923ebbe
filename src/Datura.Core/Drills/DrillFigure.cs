using Datura.Core.Body;

namespace Datura.Core.Drills;

/// <summary>What is practised, laid flat in mm about its middle, y down: the strokes of a card, or a part of a look as it lies on a face.</summary>
/// <param name="Name">The painter's word.</param>
/// <param name="WidthMm">Of all its strokes.</param>
/// <param name="Stretch">How much the skin of the face gives way when it is laid flat, 0.02 is 2 %; 0 for a card.</param>
public sealed record DrillFigure(string Name, IReadOnlyList<DrillStroke> Strokes, double WidthMm, double HeightMm, double Stretch)
{
    /// <summary>Small things in great numbers are not practised one by one.</summary>
    public const int MostStrokes = 40;

    // Shorter than so it is a touch and no stroke.
    private const double ShortestMm = 1.5;

    /// <summary>The strokes of a card.</summary>
    public static DrillFigure Of(DrillKind kind) => Middled("", PracticeCard.Of(kind), 0);

    /// <summary>A part as it lies on a face, of one side.</summary>
    /// <returns>Null where nothing of it is drawn: a base, or nothing on that side.</returns>
    public static DrillFigure? Of(ExpandedPart part, FittedBody body)
    {
        if (FlatMarks.Of(part, body) is not { } flat)
        {
            return null;
        }

        var strokes = flat.Marks.Where(s => LengthOf(s.Path) >= ShortestMm).OrderByDescending(s => LengthOf(s.Path)).Take(MostStrokes).ToArray();
        return strokes.Length == 0 ? null : Middled(part.Label, strokes, flat.Stretch);
    }

    /// <summary>Its finest line or point, mm.</summary>
    public double FinestMm => Strokes.Min(s => s.WidthsMm.Max());

    internal static double LengthOf(IReadOnlyList<ChartPoint> path) => path.Zip(path.Skip(1), (a, b) => (b - a).Length()).Sum();

    private static DrillFigure Middled(string name, IReadOnlyList<DrillStroke> strokes, double stretch)
    {
        var edge = strokes.SelectMany(s => s.Path.Zip(s.WidthsMm, (p, w) => (p.XMm, p.YMm, Half: w / 2))).ToArray();
        var (left, right) = (edge.Min(e => e.XMm - e.Half), edge.Max(e => e.XMm + e.Half));
        var (top, bottom) = (edge.Min(e => e.YMm - e.Half), edge.Max(e => e.YMm + e.Half));
        var middle = new ChartPoint((left + right) / 2, (top + bottom) / 2);
        return new(name, [.. strokes.Select(s => s with { Path = [.. s.Path.Select(p => p - middle)] })], right - left, bottom - top, stretch);
    }
}

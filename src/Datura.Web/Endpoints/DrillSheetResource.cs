using Datura.Core.Drills;

namespace Datura.Web;

/// <summary>A sheet to practise on: flat mm from the upper left, y down; every list of places is x and y by turns.</summary>
/// <param name="Outline">What may be painted.</param>
/// <param name="Marks">Four places to find in a photo.</param>
/// <param name="SeenMarks">The same as seen from straight above.</param>
/// <param name="MarkWords">What they are.</param>
/// <param name="Strokes">Their edges.</param>
/// <param name="ToFace">What changes when it goes onto the face; null for a stroke that belongs to no face.</param>
public sealed record DrillSheetResource(
    string Name, double WidthMm, double HeightMm, IReadOnlyList<double> Outline, IReadOnlyList<double> Marks, IReadOnlyList<double> SeenMarks, IReadOnlyList<string> MarkWords,
    IReadOnlyList<IReadOnlyList<double>> Strokes, double SharePercent, double TurnDeg, bool Fits, HandToFace? ToFace)
{
    public static DrillSheetResource Of(DrillLay lay, IReadOnlyList<string> words) => new(
        lay.Figure.Name, Math.Round(lay.Ground.WidthMm, 2), Math.Round(lay.Ground.HeightMm, 2), Flat(lay.Ground.Outline), Flat(lay.Ground.Marks), Flat(lay.Ground.Marks.Select(lay.Ground.Seen)), words,
        [.. lay.Strokes.Select(s => Flat(s.Edge()))], Math.Round(100 * lay.Share, 1), Math.Round(lay.TurnRad * 180 / Math.PI, 1), lay.Fits, lay.Figure.Name.Length == 0 ? null : HandToFace.Of(lay));

    internal static IReadOnlyList<double> Flat(IEnumerable<ChartPoint> points) => [.. points.SelectMany(p => new[] { Math.Round(p.XMm, 2), Math.Round(p.YMm, 2) })];
}

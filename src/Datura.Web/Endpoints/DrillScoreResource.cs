using Datura.Core.Drills;

namespace Datura.Web;

/// <summary>What a photo of a painted sheet says.</summary>
/// <param name="Try">As it can be kept.</param>
/// <param name="Quality">0 to 1.</param>
/// <param name="Seen">Edges of the strokes as they were made, flat mm, x and y by turns; empty for one that was not made.</param>
public sealed record DrillScoreResource(DrillTry Try, double Quality, IReadOnlyList<IReadOnlyList<double>> Seen)
{
    public static DrillScoreResource Of(DrillPhotoRequest request, DrillScore score, InkReading read)
    {
        double Two(double value) => Math.Round(value, 2);
        var tried = new DrillTry(
            request.On, request.Drill.Exercise, request.Drill.Ground, Two(score.PlaceMm), Two(score.ShapeMm), Two(score.WidthPercent), Two(score.UnevenPercent),
            score.SymmetryMm is { } symmetry ? Two(symmetry) : null, Two(score.CoveredPercent), score.TonePercent is { } tone ? Two(tone) : null, score.Missing, request.Seconds);
        return new(tried, Math.Round(score.Quality, 3), [.. read.Strokes.Select(s => s is null ? [] : DrillSheetResource.Flat(s.Edge()))]);
    }
}

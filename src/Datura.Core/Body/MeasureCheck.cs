namespace Datura.Core.Body;

/// <summary>Tells nonsense and contradiction among measures; nothing is silently bent.</summary>
public static class MeasureCheck
{
    /// <summary>Pairs of which the first cannot exceed a share of the second.</summary>
    private static readonly (string Small, string Large, double Share, ProblemCode Code)[] Pairs =
    [
        ("lowerFaceHeight", "faceHeight", 0.82, ProblemCode.LowerFaceTooHigh),
        ("faceHeight", "headHeight", 1.0, ProblemCode.FaceOverHead),
        ("noseHeight", "lowerFaceHeight", 0.65, ProblemCode.NoseTooHigh),
        ("mouthWidth", "faceWidth", 0.55, ProblemCode.MouthTooWide),
        ("outerEyeDistance", "faceWidth", 0.86, ProblemCode.EyesTooFarOut),
        ("innerEyeDistance", "outerEyeDistance", 0.55, ProblemCode.InnerEyesTooFar),
        ("noseWidth", "outerEyeDistance", 0.65, ProblemCode.NoseTooWide),
        ("jawWidth", "faceWidth", 1.05, ProblemCode.JawTooWide),
        ("foreheadWidth", "headWidth", 1.0, ProblemCode.ForeheadTooWide),
        ("faceWidth", "headWidth", 1.15, ProblemCode.FaceOverHeadWidth),
        ("faceWidth", "faceHeight", 1.05, ProblemCode.FaceWiderThanHigh),
        ("faceWidth", "shoulderWidth", 0.6, ProblemCode.ShouldersTooNarrow),
        ("neckGirth", "faceWidth", 3.9, ProblemCode.NeckOverFace),
        ("neckGirth", "headGirth", 0.95, ProblemCode.NeckOverHead),
        ("chestWidth", "shoulderWidth", 1.15, ProblemCode.ChestTooWide),
    ];

    public static IReadOnlyList<Problem> Problems(IReadOnlyDictionary<string, double> measuresMm)
    {
        var found = new List<Problem>();
        foreach (var (id, value) in measuresMm)
        {
            if (Measures.Find(id) is not { } measure)
            {
                found.Add(Problem.Of(id, ProblemCode.UnknownMeasure, ("id", id)));
            }
            else if (!double.IsFinite(value) || value < measure.LeastMm || value > measure.MostMm)
            {
                found.Add(Problem.Of(id, ProblemCode.MeasureOutOfRange, ("measure", measure.Label), ("mm", value), ("least", measure.LeastMm), ("most", measure.MostMm)));
            }
        }

        if (found.Count > 0)
        {
            return found;
        }

        found.AddRange(Pairs
            .Where(p => measuresMm.TryGetValue(p.Small, out var small) && measuresMm.TryGetValue(p.Large, out var large) && small > p.Share * large)
            .Select(p => new Problem(p.Small, p.Code)));
        found.AddRange(GirthProblem(measuresMm));
        return found;
    }

    // A tape round a head cannot be shorter than that round the lozenge through its four extremes, nor longer than that round its box.
    private static IEnumerable<Problem> GirthProblem(IReadOnlyDictionary<string, double> measuresMm)
    {
        if (measuresMm.TryGetValue("headGirth", out var girth) && measuresMm.TryGetValue("headWidth", out var width)
            && measuresMm.TryGetValue("headLength", out var length)
            && (girth < 2 * Math.Sqrt(width * width + length * length) || girth > 2 * (width + length)))
        {
            yield return Problem.Of("headGirth", ProblemCode.HeadGirth, ("width", width), ("length", length), ("girth", girth));
        }
    }
}

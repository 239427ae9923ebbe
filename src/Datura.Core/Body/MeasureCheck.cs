namespace Datura.Core.Body;

/// <summary>A measure that cannot be, with what to do about it.</summary>
/// <param name="Field">Id of the measure.</param>
public sealed record MeasureProblem(string Field, string Sentence)
{
    /// <summary>What was measured and what the others lead one to expect, for a measure that is only rare.</summary>
    public double Mm { get; init; }

    public double ExpectedMm { get; init; }
}

/// <summary>Tells nonsense and contradiction among measures; nothing is silently bent.</summary>
public static class MeasureCheck
{
    /// <summary>Pairs of which the first cannot exceed a share of the second.</summary>
    private static readonly (string Small, string Large, double Share, string Sentence)[] Pairs =
    [
        ("lowerFaceHeight", "faceHeight", 0.82, "The lower face is nearly as high as the whole face. Measure it from the nose root, not from the hairline."),
        ("faceHeight", "headHeight", 1.0, "The face is higher than the head. Measure the head from its top, the face from the hairline, both to the underside of the chin."),
        ("noseHeight", "lowerFaceHeight", 0.65, "The nose takes up nearly the whole lower face. Measure it from the nose root to its base, not to the lip."),
        ("mouthWidth", "faceWidth", 0.55, "The mouth is too wide for this face. Measure corner to corner of the closed mouth, and the face across the cheekbones."),
        ("outerEyeDistance", "faceWidth", 0.86, "The eyes reach as far out as the cheekbones. Measure outer corner to outer corner, and the face across the cheekbones."),
        ("innerEyeDistance", "outerEyeDistance", 0.55, "The inner corners of the eyes are too far apart for the outer ones. Measure both with the eyes closed."),
        ("noseWidth", "outerEyeDistance", 0.65, "The nose is nearly as wide as the eyes are apart. Measure across the nostril wings without pressing."),
        ("jawWidth", "faceWidth", 1.05, "The jaw is wider than the cheekbones. Measure both straight, corner to corner."),
        ("foreheadWidth", "headWidth", 1.0, "The forehead is wider than the head. Measure the forehead at its narrowest, the head above the ears."),
        ("faceWidth", "headWidth", 1.15, "The face is much wider than the head. Measure the head straight across above the ears."),
        ("faceWidth", "faceHeight", 1.05, "The face is wider than it is high. Check face width and face height."),
        ("faceWidth", "shoulderWidth", 0.6, "The shoulders are hardly wider than the face. Measure them from bone point to bone point."),
        ("neckGirth", "faceWidth", 3.9, "The neck is thicker than the head. Check neck girth and face width."),
        ("neckGirth", "headGirth", 0.95, "The neck is as thick as the head. Check neck girth and head girth."),
        ("chestWidth", "shoulderWidth", 1.15, "The chest is wider than the shoulders. Measure it straight across, with the arms hanging."),
    ];

    public static IReadOnlyList<MeasureProblem> Problems(IReadOnlyDictionary<string, double> measuresMm)
    {
        var found = new List<MeasureProblem>();
        foreach (var (id, value) in measuresMm)
        {
            if (Measures.Find(id) is not { } measure)
            {
                found.Add(new(id, $"There is no measure called {id}."));
            }
            else if (!double.IsFinite(value) || value < measure.LeastMm || value > measure.MostMm)
            {
                found.Add(new(id, FormattableString.Invariant(
                    $"{measure.Label} is {value:0.#} mm; people lie between {measure.LeastMm:0} and {measure.MostMm:0} mm. Measure again and check the unit.")));
            }
        }

        if (found.Count > 0)
        {
            return found;
        }

        found.AddRange(Pairs
            .Where(p => measuresMm.TryGetValue(p.Small, out var small) && measuresMm.TryGetValue(p.Large, out var large) && small > p.Share * large)
            .Select(p => new MeasureProblem(p.Small, p.Sentence)));
        found.AddRange(GirthProblem(measuresMm));
        return found;
    }

    // A tape round a head cannot be shorter than that round the lozenge through its four extremes, nor longer than that round its box.
    private static IEnumerable<MeasureProblem> GirthProblem(IReadOnlyDictionary<string, double> measuresMm)
    {
        if (measuresMm.TryGetValue("headGirth", out var girth) && measuresMm.TryGetValue("headWidth", out var width)
            && measuresMm.TryGetValue("headLength", out var length)
            && (girth < 2 * Math.Sqrt(width * width + length * length) || girth > 2 * (width + length)))
        {
            yield return new("headGirth", FormattableString.Invariant(
                $"A head {width:0} mm wide and {length:0} mm long cannot have a girth of {girth:0} mm. Check the three against each other."));
        }
    }
}

namespace Datura.Core.Body;

/// <summary>A measure that cannot be, with what to do about it.</summary>
/// <param name="Field">Id of the measure.</param>
public sealed record MeasureProblem(string Field, string Sentence);

/// <summary>Tells nonsense and contradiction among measures; nothing is silently bent.</summary>
public static class MeasureCheck
{
    public static IReadOnlyList<MeasureProblem> Problems(IReadOnlyDictionary<string, double> measuresMm)
    {
        var found = new List<MeasureProblem>();
        foreach (var (id, value) in measuresMm)
        {
            if (Measures.All.FirstOrDefault(m => m.Id == id) is not { } measure)
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

        void Below(string small, string large, double atMost, string sentence)
        {
            var all = Filled(measuresMm);
            if (all[small] > atMost * all[large])
            {
                found.Add(new(small, sentence));
            }
        }

        Below("lowerFaceHeight", "faceHeight", 0.82, "The lower face is nearly as high as the whole face. Measure it from the nose root, not from the hairline.");
        Below("mouthWidth", "faceWidth", 0.55, "The mouth is too wide for this face. Measure corner to corner of the closed mouth, and the face across the cheekbones.");
        Below("outerEyeDistance", "faceWidth", 0.86, "The eyes reach as far out as the cheekbones. Measure outer corner to outer corner, and the face across the cheekbones.");
        Below("faceWidth", "faceHeight", 1.05, "The face is wider than it is high. Check face width and face height.");
        Below("faceWidth", "shoulderWidth", 0.6, "The shoulders are hardly wider than the face. Measure them from bone point to bone point.");
        Below("neckGirth", "faceWidth", 3.9, "The neck is thicker than the head. Check neck girth and face width.");
        return found;
    }

    /// <summary>The given measures, and for those not given the reference value scaled by the mean ratio of the given ones.</summary>
    public static IReadOnlyDictionary<string, double> Filled(IReadOnlyDictionary<string, double> measuresMm)
    {
        var given = Measures.All.Where(m => measuresMm.ContainsKey(m.Id)).ToArray();
        var ratio = given.Length == 0 ? 1 : given.Average(m => measuresMm[m.Id] / Measures.Reference[m.Id]);
        return Measures.All.ToDictionary(
            m => m.Id, m => measuresMm.TryGetValue(m.Id, out var value) ? value : ratio * Measures.Reference[m.Id]);
    }
}

namespace Datura.Core.Photos;

/// <summary>A face measured from photos.</summary>
/// <param name="Measures">Every measure, whether the photos tell it or not.</param>
/// <param name="Photos">How each photo was taken.</param>
/// <param name="Years">The age that the measures speak for; 18 for all adults.</param>
/// <param name="Notes">What may make it wrong, and what to do.</param>
public sealed record MeasuredFace(IReadOnlyList<PhotoMeasure> Measures, IReadOnlyList<PhotoPose> Photos, double Years, IReadOnlyList<Remark> Notes)
{
    /// <summary>How its two sides differ, whether that is clear or not; none where no photo shows it from before.</summary>
    public IReadOnlyList<SideDifference> Sides { get; init; } = [];

    /// <summary>Those that the photos tell, by id, mm.</summary>
    public IReadOnlyDictionary<string, double> TakenMm => Measures.Where(m => m.Taken).ToDictionary(m => m.Id, m => Math.Round(m.Mm, 1));
}

namespace Datura.Web;

/// <summary>A face measured from photos.</summary>
/// <param name="Years">The age that the measures speak for; 18 for all adults.</param>
/// <param name="Notes">What may make it wrong, and what to do.</param>
public sealed record MeasuredFaceResource(IReadOnlyList<PhotoMeasureResource> Measures, IReadOnlyList<PhotoPoseResource> Photos, double Years, IReadOnlyList<string> Notes);

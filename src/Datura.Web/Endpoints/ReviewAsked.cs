namespace Datura.Web;

/// <summary>Where in a photo colours are wanted.</summary>
/// <param name="Px">x and y by turns, px; below 0 for a place that is not seen, whose colour does not matter.</param>
public sealed record ReviewAsked(PhotoPoseResource Pose, IReadOnlyList<double> Px);

using Datura.Core.Photos;

namespace Datura.Web;

/// <summary>How a photo was taken, as far as its points tell.</summary>
/// <param name="TurnDeg">How far the head shows its left side, degrees; below 0 its right.</param>
/// <param name="TiltDeg">How far the chin is lifted, degrees.</param>
/// <param name="LeanDeg">How far the head leans towards its left shoulder, degrees.</param>
/// <param name="AwayMm">From the camera to the axis of the head, mm.</param>
/// <param name="MissMm">Half of the points lie within so much of the body, mm.</param>
/// <param name="Drawn">Where the body has every point, by name, px; those out of sight left out.</param>
/// <param name="MissesMm">How far each point lies off, mm.</param>
/// <param name="Skin">Places of bare skin for its colour, by zone, px by turns.</param>
public sealed record PhotoPoseResource(
    double TurnDeg, double TiltDeg, double LeanDeg, double AwayMm, double MissMm, IReadOnlyDictionary<string, PicturePlace> Drawn, IReadOnlyDictionary<string, double> MissesMm,
    IReadOnlyDictionary<string, IReadOnlyList<double>> Skin)
{
    public static PhotoPoseResource Of(PhotoPose pose, IReadOnlyDictionary<string, IReadOnlyList<double>>? skin = null) => new(
        Math.Round(pose.Camera.Pose.TurnDeg, 1), Math.Round(pose.Camera.Pose.TiltDeg, 1), Math.Round(pose.Camera.Pose.LeanDeg, 1), Math.Round(pose.Camera.Pose.MiddleMm.Z),
        Math.Round(pose.MissMm, 2), pose.Drawn.ToDictionary(d => d.Key, d => new PicturePlace(Math.Round(d.Value.X, 1), Math.Round(d.Value.Y, 1))),
        pose.MissesMm.ToDictionary(m => m.Key, m => Math.Round(m.Value, 1)), skin ?? new Dictionary<string, IReadOnlyList<double>>());
}

namespace Datura.Files.Photos;

/// <summary>The light of a simulated photo: one lamp, what comes from all around, and how the camera takes its colour.</summary>
/// <param name="From">Where the lamp stands, in the body's axes.</param>
/// <param name="Around">Light from all around, as a share of the lamp's.</param>
/// <param name="Exposure">What white skin square to the lamp sends into the picture, 1 for just full.</param>
/// <param name="Red">How much more red than green the camera takes, from lamp and white balance.</param>
/// <param name="Blue">The same of blue.</param>
public sealed record CameraLamp(Vec3 From, double Around = 0.45, double Exposure = 0.85, double Red = 1, double Blue = 1)
{
    private Vec3 Toward => From.Unit();

    public static CameraLamp Studio { get; } = new(new Vec3(-0.4, 0.55, 0.85));

    /// <summary>Light that falls on a piece of skin, by its outward normal.</summary>
    public double On(Vec3 normal) => (Math.Max(0, normal.Dot(Toward)) + Around * (0.75 + 0.25 * normal.Y)) / (1 + Around);
}

namespace Datura.Files.Pictures;

/// <summary>The calm studio light of Datura's own pictures: a soft key high on the viewer's left, a fill, a little from above.</summary>
internal static class Lighting
{
    private static readonly Vec3 Key = new Vec3(-0.45, 0.62, 0.85).Unit();
    private static readonly Vec3 Fill = new Vec3(0.8, 0.05, 0.6).Unit();

    private static readonly Vec3 Half = (Key + new Vec3(0, 0, 1)).Unit();

    /// <summary>Highlight of the key light for a unit normal in view space (Blinn 1977), 0 to 1; its width stands for greasepaint, not for glass.</summary>
    public static double Highlight(Vec3 normal) => Math.Pow(Math.Max(0, normal.Dot(Half)), 26);

    /// <summary>Brightness for a unit normal in view space (z towards the viewer), about 0.3 to 1.</summary>
    public static double Shade(Vec3 normal)
    {
        // Wrapping the light a little past the edge stands in for the softness of skin.
        static double Wrapped(double cos) => Math.Max(0, (cos + 0.25) / 1.25);
        return 0.25 + 0.66 * Wrapped(normal.Dot(Key)) + 0.17 * Wrapped(normal.Dot(Fill)) + 0.06 * normal.Y;
    }
}

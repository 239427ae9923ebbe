namespace Datura.Core.Paint.Unevenness;

/// <summary>
/// The colours of one stack of films where its grain is thin, thick and between. They lie evenly about the stack's own colour in
/// linear light, so that their mean is that colour, whatever the film does to it.
/// </summary>
public static class GrainColours
{
    /// <summary>Entries a stack: one for every step of a tile, then just inside a rim and on it.</summary>
    public const int Entries = GrainTile.Steps + 2;

    /// <summary>Entry just inside a crisp rim.</summary>
    public const int InsideRim = GrainTile.Steps;

    /// <summary>Entry on a crisp rim.</summary>
    public const int OnRim = GrainTile.Steps + 1;

    // A flake throws this share of white back at most.
    private const double FlakeLight = 0.3;

    private static readonly float[] LinearOf = [.. Enumerable.Range(0, 256).Select(v => v / 255.0).Select(v => (float)(v <= 0.04045 ? v / 12.92 : Math.Pow((v + 0.055) / 1.055, 2.4)))];

    // Finer than one part in 8 bits from black on.
    private const int EncodeSteps = 32768;
    private static readonly byte[] Encoded = [.. Enumerable.Range(0, EncodeSteps + 1).Select(k => k / (double)EncodeSteps)
        .Select(v => (byte)Math.Round(255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * Math.Pow(v, 1 / 2.4) - 0.055)))];

    /// <param name="own">The stack's colour.</param>
    /// <param name="thin">Its colour with every film a unit of depth thinner, and <paramref name="thick"/> thicker.</param>
    /// <param name="grain">Of the coat whose grain is seen.</param>
    /// <param name="unit">The depth that <paramref name="thin"/> and <paramref name="thick"/> were reckoned with.</param>
    public static void Write(Srgb own, Srgb thin, Srgb thick, CoatGrain grain, double unit, Span<uint> entries)
    {
        for (var k = 0; k < Entries; k++)
        {
            entries[k] = grain.Form == GrainForm.Glitter
                ? Packed(Flake(own.R, k), Flake(own.G, k), Flake(own.B, k))
                : Packed(Varied(own.R, thin.R, thick.R, grain, unit, k), Varied(own.G, thin.G, thick.G, grain, unit, k), Varied(own.B, thin.B, thick.B, grain, unit, k));
        }
    }

    // One grain of a tile in eight flashes, and the seven others are so much darker.
    private static byte Flake(byte own, int k)
    {
        const int dark = GrainTile.Steps - 1;
        var linear = LinearOf[own];
        var light = Math.Min(FlakeLight, Math.Min(1 - linear, dark * linear));
        return Coded(linear + (k == dark ? light : k < dark ? -light / dark : 0));
    }

    // A swing that would leave the screen's range on one side is made less on both, or the mean would shift.
    private static byte Varied(byte own, byte thin, byte thick, CoatGrain grain, double unit, int k)
    {
        var linear = LinearOf[own];
        var isRim = k >= GrainTile.Steps;
        var share = (isRim ? grain.Rim : grain.Depth) / unit;
        var most = Math.Min(linear, 1 - linear) / (isRim ? 1 : GrainTile.Deviations[^1]);
        var swing = Math.Clamp(share * (LinearOf[thick] - LinearOf[thin]) / 2, -most, most);
        return Coded(linear + swing * (k == OnRim ? 1 : k == InsideRim ? -1 : GrainTile.Deviations[k]));
    }

    private static byte Coded(double linear) => Encoded[(int)Math.Clamp(linear * EncodeSteps + 0.5, 0, EncodeSteps)];

    private static uint Packed(byte r, byte g, byte b) => (uint)(r | g << 8 | b << 16) | 0xFF000000;
}

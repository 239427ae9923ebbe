namespace Datura.Core.Body;

/// <summary>
/// The measures that shape a body. Terms and definitions: Farkas, Anthropometry of the Head and Face (1994) and ISO 7250-1
/// (names from memory). Limits are plausibility bounds, from memory, wide enough for small children and large adults.
/// </summary>
public static class Measures
{
    private const double SellionY = 32.7;
    private const double TrichionY = 82.6;
    private const double GnathionY = -94.0;

    public static IReadOnlyList<Measure> All { get; } =
    [
        new("faceHeight", "Face height", "physiognomical face height", "Hairline to the underside of the chin, straight.",
            Instrument.Caliper, "trichion", "gnathion", null, 120, 240, p => new(0, Rise(SellionY - 8, TrichionY, p.Y), 0)),
        new("lowerFaceHeight", "Lower face height", "morphological face height", "Nose root to the underside of the chin, straight.",
            Instrument.Caliper, "sellion", "gnathion", null, 75, 160, p => new(0, -1 + Rise(GnathionY, SellionY, p.Y), 0)),
        new("faceWidth", "Face width", "bizygomatic breadth", "Widest across the cheekbones, straight.",
            Instrument.Caliper, "zygion_right", "zygion_left", null, 90, 180, Widen),
        new("outerEyeDistance", "Outer eye distance", "biocular width", "Outer corner to outer corner of the eyes, straight.",
            Instrument.Caliper, "exocanthion_right", "exocanthion_left", null, 60, 125, p => Part(p, new(44.5, 26.6, 31.7), 17)),
        new("mouthWidth", "Mouth width", "mouth width", "Corner to corner of the closed mouth, straight.",
            Instrument.Caliper, "cheilion_right", "cheilion_left", null, 30, 85, p => Part(p, new(24.6, -43.4, 42.8), 13)),
        new("neckGirth", "Neck girth", "neck circumference", "Tape round the neck just below the larynx.",
            Instrument.Tape, null, null, -140, 210, 560, Thicken),
        new("shoulderWidth", "Shoulder width", "biacromial breadth", "Bone point to bone point across the shoulders, straight.",
            Instrument.Caliper, "acromion_right", "acromion_left", null, 220, 520,
            p => new(p.X / 184 * 0.5 * (1 - Rise(-205, -150, p.Y)), 0, 0)),
    ];

    /// <summary>Values on the reference body, mm.</summary>
    public static IReadOnlyDictionary<string, double> Reference { get; } =
        All.ToDictionary(m => m.Id, m => m.On(ReferenceSkin.Skin));

    private static double Rise(double from, double to, double t)
    {
        var s = Math.Clamp((t - from) / (to - from), 0, 1);
        return s * s * (3 - 2 * s);
    }

    private static double Bell(double d2, double width) => Math.Exp(-d2 / (2 * width * width));

    // Cheekbones and jaw widen together, the skull above follows by less, the head deepens by half; the neck keeps its girth.
    private static Vec3 Widen(Vec3 p)
    {
        var share = Rise(-125, -60, p.Y) * (1 - 0.6 * Rise(15, 95, p.Y));
        return new(p.X / 76.6 * 0.5 * share, 0, (p.Z - CapsuleCoordinates.AxisZMm) / 76.6 * 0.22 * share);
    }

    // A pair of spots either side of the mid-line moves apart and carries its surroundings.
    private static Vec3 Part(Vec3 p, Vec3 centre, double widthMm)
    {
        var away = new Vec3(Math.Abs(p.X), p.Y, p.Z) - centre;
        return new(0.5 * Math.Tanh(p.X / 12) * Bell(away.Dot(away), widthMm), 0, 0);
    }

    private static Vec3 Thicken(Vec3 p)
    {
        var share = Rise(-195, -165, p.Y) * (1 - Rise(-132, -92, p.Y));
        return share / 390 * new Vec3(p.X, 0, p.Z - CapsuleCoordinates.AxisZMm);
    }
}

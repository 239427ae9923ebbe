using static Datura.Numerics.SmoothStep;

namespace Datura.Core.Body;

/// <summary>
/// The displacement modes of the body. Two are shared, overall size (per cent) and size of the trunk (per cent); each
/// measure has one of its own (mm). Spreads are about one standard deviation within a sex at equal size, from memory
/// (Farkas 1994 for the face, adult surveys for the rest). The fields are wide, so that a nose or lip keeps its form.
/// Coordinates: x to the wearer's left, y up, z forward, mm; the axis of the head stands at z = −45.
/// </summary>
internal static class BodyModes
{
    private const double AxisZ = CapsuleCoordinates.AxisZMm;

    private static readonly MonotoneCurve BrowProfile = new([27, 40, 53, 88], [0, 0.6, 1, 0]);
    private static readonly MonotoneCurve NoseProfile = new([-94, -60, -21, 10, 33], [0, -0.5, -1, -0.5, 0]);
    private static readonly MonotoneCurve BridgeProfile = new([-34, -26, -10, 12, 36], [0, 0.15, 1, 0.6, 0]);
    private static readonly MonotoneCurve UpperLipProfile = new([-94, -70, -46, -36, -19], [0, -0.45, -1, -0.75, 0]);
    private static readonly MonotoneCurve LipProfile = new([-84, -55, -43, -33, -14], [0, -0.6, 0, 0.4, 0]);
    private static readonly MonotoneCurve JawProfile = new([-128, -80, -50, 15], [0, 1, 1, 0]);
    private static readonly MonotoneCurve ForeheadProfile = new([28, 66, 95, 150], [0, 1, 0.8, 0]);
    private static readonly MonotoneCurve SkullProfile = new([8, 55, 110, 168], [0, 1, 0.8, 0]);

    public static IReadOnlyList<BodyMode> All { get; } =
    [
        new("size", 14, p => 0.01 * new Vec3(p.X, p.Y, p.Z - AxisZ)),
        new("trunk", 8, p => 0.01 * (1 - Rise(-170, -110, p.Y)) * new Vec3(p.X, 0, p.Z - AxisZ)),
        new("faceHeight", 6, p => new(0, Rise(5, 110, p.Y), 0)),
        new("lowerFaceHeight", 5, p => new(0, -1 + Rise(-115, 70, p.Y), 0)),
        new("headHeight", 8, p => new(0, Rise(90, 165, p.Y), 0)),
        new("browHeight", 2.5, p => new(0, BrowProfile.At(p.Y) * Front(p, 48, 85), 0)),
        new("noseHeight", 3, p => new(0, NoseProfile.At(p.Y) * Front(p, 22, 75), 0)),
        new("noseDepth", 2, p => new(0, 0, BridgeProfile.At(p.Y) * Bell(p.X * p.X, 12) * Rise(20, 45, p.Z))),
        new("upperLipHeight", 2, p => new(0, UpperLipProfile.At(p.Y) * Front(p, 18, 60), 0)),
        new("lipHeight", 2.5, p => new(0, LipProfile.At(p.Y) * Front(p, 12, 38), 0)),
        new("faceWidth", 4.5, Widen),
        new("jawWidth", 5, p => Apart(p, 10, 56, JawProfile.At(p.Y))),
        new("foreheadWidth", 4, p => Apart(p, 15, 60, ForeheadProfile.At(p.Y) * Rise(-55, -5, p.Z))),
        new("headWidth", 6, p => Apart(p, 15, 62, SkullProfile.At(p.Y) * (1 - Rise(-15, 35, p.Z)))),
        new("innerEyeDistance", 2.2, p => Part(p, new(18.6, 25.9, 37.6), 11)),
        new("outerEyeDistance", 2.5, p => Part(p, new(44.5, 26.6, 31.7), 17)),
        new("noseWidth", 2.2, p => Part(p, new(17.9, -9.8, 48.5), 13)),
        new("mouthWidth", 3, p => Part(p, new(24.6, -43.4, 42.8), 15)),
        new("headLength", 6, p => new(0, 0, -(1 - Rise(-140, -40, p.Z)) * Rise(-100, -30, p.Y))),
        new("headGirth", 4, Squarer),
        new("earToEar", 7, p => new(0, 0, 0.5 * Rise(-35, 50, p.Z) * Rise(-125, -70, p.Y) * (1 - Rise(90, 165, p.Y)))),
        new("neckGirth", 18, Thicken),
        new("neckLength", 9, p => new(0, -(1 - Rise(-186, -104, p.Y)), 0)),
        new("shoulderWidth", 25, p => new(p.X / 184 * 0.5 * (1 - Rise(-205, -150, p.Y)), 0, 0)),
        new("chestWidth", 15, p => new(p.X / 150 * 0.5 * (1 - Rise(-290, -205, p.Y)) * (1 - 0.6 * Rise(165, 205, Math.Abs(p.X))), 0, 0)),
        new("browDifference", 2, p => new(0, 0.5 * Math.Tanh(p.X / 8) * BrowProfile.At(p.Y) * Front(p, 48, 85), 0)),
        new("eyeDifference", 1.5, p => new(0, 0.5 * Math.Tanh(p.X / 12) * Bell(Square(p.Y - 26.6), 15) * Front(p, 52, 90), 0)),
        new("mouthDifference", 2, p => new(0, 0.5 * Math.Tanh(p.X / 12) * Bell(Square(p.Y + 43.4), 14) * Front(p, 28, 62), 0)),
        new("cheekboneDifference", 2.5, p => new(0.5 * Rise(-70, -15, p.Y) * (1 - Rise(25, 70, p.Y)) * Rise(12, 70, Math.Abs(p.X)), 0, 0)),
    ];

    private static double Bell(double d2, double width) => Math.Exp(-d2 / (2 * width * width));

    private static double Square(double d) => d * d;

    // Whole in front up to one distance from the mid-line, gone at another and at the back.
    private static double Front(Vec3 p, double wholeMm, double goneMm) => (1 - Rise(wholeMm, goneMm, Math.Abs(p.X))) * Rise(-45, 0, p.Z);

    private static Vec3 Apart(Vec3 p, double fromMm, double wholeMm, double share) =>
        new(0.5 * Math.Sign(p.X) * Rise(fromMm, wholeMm, Math.Abs(p.X)) * share, 0, 0);

    // Cheekbones and jaw widen together, the skull above follows by less; the neck keeps its girth.
    private static Vec3 Widen(Vec3 p)
    {
        var share = Rise(-125, -60, p.Y) * (1 - 0.6 * Rise(15, 95, p.Y));
        return new(p.X / 76.6 * 0.5 * share, 0, (p.Z - AxisZ) / 76.6 * 0.22 * share);
    }

    // A pair of spots either side of the mid-line moves apart and carries its surroundings.
    private static Vec3 Part(Vec3 p, Vec3 centre, double widthMm)
    {
        var away = new Vec3(Math.Abs(p.X), p.Y, p.Z) - centre;
        return new(0.5 * Math.Tanh(p.X / 12) * Bell(away.Dot(away), widthMm), 0, 0);
    }

    // A rounder or squarer head of the same length and width: the corners between move out, the back ones most.
    private static Vec3 Squarer(Vec3 p)
    {
        var (x, z) = (p.X, p.Z - AxisZ);
        var r2 = Math.Max(x * x + z * z, 1);
        var corner = Square(2 * x * z / r2) * (1 - 0.4 * Rise(-10, 40, z)) * Rise(5, 40, p.Y) * (1 - Rise(95, 160, p.Y));
        return corner / 3 / Math.Sqrt(r2) * new Vec3(x, 0, z);
    }

    private static Vec3 Thicken(Vec3 p)
    {
        var share = Rise(-195, -165, p.Y) * (1 - Rise(-132, -92, p.Y));
        return share / 390 * new Vec3(p.X, 0, p.Z - AxisZ);
    }
}

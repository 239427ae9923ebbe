namespace Datura.Core.Body;

/// <summary>A set of measures to start a face from; the painter's own replace them one by one.</summary>
/// <param name="Source">Where the numbers come from.</param>
public sealed record MeasurePreset(string Id, string Label, string Source, IReadOnlyDictionary<string, double> MeasuresMm);

/// <summary>Mean people. All from memory and unverified: starting points, never limits.</summary>
public static class MeasurePresets
{
    private const string Adults = "Farkas 1994 and adult surveys, means from memory, unverified";
    private const string Young = "rounded growth-survey means from memory, unverified";

    public static IReadOnlyList<MeasurePreset> All { get; } =
    [
        new("man", "Grown man", Adults, Set(187.5, 124.7, 139, 105.5, 33.3, 91.2, 54.8, 34.9, 54.5, 151, 197, 573, 380, 410)),
        new("woman", "Grown woman", Adults, Set(172.5, 111.4, 130, 94.5, 31.8, 87.8, 50.6, 31.4, 50.2, 144, 187, 549, 330, 365)),
        new("teenager", "Teenager, about 14", Young, Set(171, 110, 129, 94, 31.5, 87, 49, 31, 49, 145, 186, 550, 315, 345)),
        new("child9", "Child, about 9", Young, Set(158, 99, 120, 87, 30, 81, 43.5, 28.5, 44, 140, 179, 530, 275, 300)),
        new("child5", "Child, about 5", Young, Set(148, 90, 113, 82, 28.5, 77, 39, 26.5, 40, 136, 173, 512, 252, 260)),
    ];

    private static Dictionary<string, double> Set(
        double faceHeight, double lowerFaceHeight, double faceWidth, double jawWidth, double innerEye, double outerEye, double noseHeight,
        double noseWidth, double mouthWidth, double headWidth, double headLength, double headGirth, double neckGirth, double shoulderWidth) => new()
        {
            ["faceHeight"] = faceHeight,
            ["lowerFaceHeight"] = lowerFaceHeight,
            ["faceWidth"] = faceWidth,
            ["jawWidth"] = jawWidth,
            ["innerEyeDistance"] = innerEye,
            ["outerEyeDistance"] = outerEye,
            ["noseHeight"] = noseHeight,
            ["noseWidth"] = noseWidth,
            ["mouthWidth"] = mouthWidth,
            ["headWidth"] = headWidth,
            ["headLength"] = headLength,
            ["headGirth"] = headGirth,
            ["neckGirth"] = neckGirth,
            ["shoulderWidth"] = shoulderWidth,
        };
}

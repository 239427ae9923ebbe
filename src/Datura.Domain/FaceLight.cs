namespace Datura.Domain;

/// <summary>All the light on a face.</summary>
/// <param name="Ambient">Share that comes from everywhere, 0 to 1.</param>
public sealed record FaceLight(IReadOnlyList<LampPlace> Lamps, double Ambient)
{
    /// <summary>What a painting pretends unless told otherwise: high in front, a little to one side (common practice).</summary>
    public static FaceLight Pretended { get; } = new([new(-14, 48, 18)], 0.25);

    /// <summary>A room or a washed stage: soft, from the front (common practice).</summary>
    public static FaceLight Usual { get; } = new([new(0, 20, 45)], 0.5);
}

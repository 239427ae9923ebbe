namespace Datura.Core.Form;

/// <summary>
/// How far the parts of a kind stand out of the skin or lie in it, unless the painter says otherwise. Sizes by eye, so that the
/// kind reads as what it is (from memory, unverified).
/// </summary>
public static class KindRelief
{
    private sealed record Height(string Role, double Mm, double FalloffMm);

    private static readonly Dictionary<string, Height[]> Table = new()
    {
        ["socket"] = [new("dark", -5, 7), new("heart", -4, 6)],
        ["noseCavity"] = [new("dark", -7, 4)],
        ["cheekHollow"] = [new("shade", -4.5, 16)],
        ["templeHollow"] = [new("shade", -3.5, 16)],
        ["browShadow"] = [new("shade", -3, 8)],
        ["glowingOpening"] = [new("outer", -6, 4)],
        ["bigMouth"] = [new("throat", -6, 5)],
        ["clawWound"] = [new("deep", -2.5, 2)],
        ["gills"] = [new("slit", -2, 2)],
        ["horns"] = [new("horn", 12, 4)],
        ["bolts"] = [new("metal", 7, 1.5)],
        ["warts"] = [new("body", 2.5, 2)],
        ["pointedEar"] = [new("ear", 6, 5)],
        ["beak"] = [new("beak", 6, 8)],
        ["muzzle"] = [new("pale", 4, 14)],
        ["nosePad"] = [new("pad", 2, 4)],
        ["crab"] = [new("shell", 6, 3), new("line", 2, 0)],
        ["eightLegs"] = [new("body", 5, 2.5), new("line", 1.5, 0)],
        ["scales"] = [new("scale", 0.8, 1)],
        ["drips"] = [new("drip", 1.2, 1)],
        ["extraFace"] = [new("skin", 5, 12)],
        ["petalRing"] = [new("petal", 0.8, 1.5)],
        ["flower"] = [new("petal", 2, 2)],
    };

    /// <summary>Roles with a height, mm, and the width over which it runs out.</summary>
    /// <param name="ownMm">Height the painter gave the part; the kind's roles keep their proportions. Null for the usual.</param>
    public static IReadOnlyList<(string Role, double Mm, double FalloffMm)> Of(string kind, double? ownMm)
    {
        if (!Table.TryGetValue(kind, out var heights))
        {
            return [];
        }

        var scale = ownMm is { } own ? own / heights[0].Mm : 1;
        return [.. heights.Select(h => (h.Role, scale * h.Mm, Math.Max(h.FalloffMm, 0.7 * Math.Abs(scale * h.Mm))))];
    }

    /// <summary>Usual height of a kind's main role, mm; null for flat kinds.</summary>
    public static double? UsualMm(string kind) => Table.TryGetValue(kind, out var heights) ? heights[0].Mm : null;
}

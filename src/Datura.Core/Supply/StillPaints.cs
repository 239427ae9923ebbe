using Datura.Core.Paint;

namespace Datura.Core.Supply;

/// <summary>How many more faces of a look what is in the pots is enough for.</summary>
/// <param name="Faces">As many, but for the chance; null when nobody looked how full any of its pots is.</param>
/// <param name="FirstGone">Name of the paint that is gone first; null with it.</param>
/// <param name="NotLookedAt">Names of its paints of which nobody knows how much is left.</param>
public sealed record StillPaints(int? Faces, string? FirstGone, IReadOnlyList<string> NotLookedAt)
{
    /// <summary>More than anybody asks for.</summary>
    public const int MostFaces = 999;

    public static StillPaints Of(FaceSupply each, Kit kit, double shortChance)
    {
        var (faces, gone, unknown) = ((int?)null, (string?)null, new List<string>());
        foreach (var use in each.Paints.Where(u => u.Ml > 0))
        {
            var paint = PaintOptics.Find(kit, use.Paint);
            if (PotLevel.LeftMl(paint) is not { } left)
            {
                unknown.Add(paint.Name);
                continue;
            }

            var (few, many) = (0, MostFaces);
            while (few < many)
            {
                var middle = (few + many + 1) / 2;
                (few, many) = Demand.Of(middle, use.Ml, use.Spread, onlyExpected: false).Enough(shortChance) <= left ? (middle, many) : (few, middle - 1);
            }

            if (faces is null || few < faces)
            {
                (faces, gone) = (few, paint.Name);
            }
        }

        return new(faces, gone, unknown);
    }
}

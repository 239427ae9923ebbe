using System.Runtime.CompilerServices;
using Datura.Core.Paint;

namespace Datura.Core.Briefs;

/// <summary>What a kit can give: each of its paints, and two of one material stirred together in simple parts.</summary>
internal sealed class KitMixes
{
    /// <summary>A mix with its colour when nothing shows through.</summary>
    public sealed record Mixed(PaintMix Mix, Lab Colour, IReadOnlyList<PaintDescription> Of);

    private static readonly int[][] Parts = [[1, 1], [2, 1], [1, 2], [4, 1], [1, 4]];

    private static readonly ConditionalWeakTable<Kit, KitMixes> Kept = [];

    private KitMixes(Kit kit)
    {
        var mixes = new MixColours([.. kit.Paints.Select(PaintOptics.Of)]);
        Single = [.. Enumerable.Range(0, kit.Paints.Count).Select(a => Made([a], [1]))];
        Pairs =
        [
            .. from set in mixes.Sets(new HashSet<int>())
               where set.Length == 2 && set.All(p => kit.Paints[p].Material is Material.WaterCake or Material.Cream) && kit.Paints[set[0]].Material == kit.Paints[set[1]].Material
               from parts in Parts
               select Made(set, parts),
        ];

        Mixed Made(int[] set, int[] parts) => new(
            new([.. set.Select((p, k) => new PaintShare(kit.Paints[p].Id, parts[k]))]), mixes.Colour(mixes.Seen(set, parts)), [.. set.Select(p => kit.Paints[p])]);
    }

    /// <summary>Every paint by itself.</summary>
    public IReadOnlyList<Mixed> Single { get; }

    /// <summary>Two together.</summary>
    public IReadOnlyList<Mixed> Pairs { get; }

    /// <summary>Of a kit, reckoned once.</summary>
    public static KitMixes Of(Kit kit) => Kept.GetValue(kit, k => new(k));
}

using Datura.Core.Fit;
using Datura.Core.Form;
using Datura.Core.Hands;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core.Supply;

/// <summary>The smallest kit for a menu of looks: tools against minutes lost, paints against colours lost. Both exact, as far as they say so.</summary>
/// <param name="Tools">Sets of one tool and more, each quicker than the one before.</param>
/// <param name="Paints">Sets of paints, each smaller than the one before and further off.</param>
public sealed record FewestThings(IReadOnlyList<FewTools> Tools, IReadOnlyList<FewPaints> Paints)
{
    // Sets of tools tried one by one; beyond it a set grows by the tool that helps most, and says so.
    private const double MostTried = 400_000;

    private static readonly double[] Differences = [1, 2, 3, 4, 6, 8, 10, 14];

    /// <param name="menu">Looks planned on their faces, and how many there are of each.</param>
    public static FewestThings Of(IReadOnlyList<(int Faces, PlannedLook Planned)> menu, Kit kit, CancellationToken cancel = default) => new(OfTools(menu, kit, cancel), OfPaints(menu, kit, cancel));

    private static List<FewTools> OfTools(IReadOnlyList<(int Faces, PlannedLook Planned)> menu, Kit kit, CancellationToken cancel)
    {
        (double Faces, CoatJob Job, bool Card)[] works =
        [
            .. from m in menu
               let kinds = m.Planned.Parts.ToDictionary(p => p.Part.Id, p => p.Kind)
               from j in m.Planned.Jobs
               where j.Role.Stage != Stage.Map && j.PartId != FormKind.PartId && kinds.ContainsKey(j.PartId) && HandChoice.UsualToolOf(j.Role, j.Mix, kit) != Tool.PencilLiner
               select ((double)m.Faces, j, kinds[j.PartId].StencilRoles.Contains(j.Role)),
        ];
        var tools = KitTools.Owned(kit).Where(t => ToolForms.Paints(t.Form) && t.Form != ToolForm.Pencil).ToArray();
        var minutes = new double[tools.Length, works.Length];
        Parallel.For(0, tools.Length, new() { CancellationToken = cancel }, t =>
        {
            for (var w = 0; w < works.Length; w++)
            {
                minutes[t, w] = works[w].Faces / 60 * (ToolFit.With(works[w].Job, tools[t], kit, works[w].Card)?.WorkSeconds ?? double.PositiveInfinity);
            }
        });
        var faces = Math.Max(1, menu.Sum(m => m.Faces));
        var least = works.Length == 0 ? 0 : CheapestSets.Work(minutes, [.. Enumerable.Range(0, tools.Length)]);
        var (found, set, exact) = (new List<FewTools>(), Array.Empty<int>(), true);
        for (var size = 1; size <= tools.Length && works.Length > 0; size++)
        {
            cancel.ThrowIfCancellationRequested();
            exact = Choose(tools.Length, size) <= MostTried;
            set = exact ? CheapestSets.Best(minutes, size) : CheapestSets.Grown(minutes, set);
            var work = CheapestSets.Work(minutes, set);
            if (work < (found.Count == 0 ? double.PositiveInfinity : found[^1].Minutes - 1e-9))
            {
                found.Add(new([.. set.Select(t => tools[t].Name)], work, (work - least) / faces, exact));
            }

            if (work <= least + 1e-9)
            {
                break;
            }
        }

        return found;
    }

    private static List<FewPaints> OfPaints(IReadOnlyList<(int Faces, PlannedLook Planned)> menu, Kit kit, CancellationToken cancel)
    {
        // Each colour as the kit as it is makes it; what is not stirred, a pencil or glitter, goes along whatever happens.
        PaintMix[] mixes = [.. menu.SelectMany(m => m.Planned.Jobs).Where(j => !j.Hand.TakesNoPaint && j.Role.Stage != Stage.Map).Select(j => j.Mix).DistinctBy(m => string.Join('+', m.Shares))];
        PaintDescription[] stirred = [.. kit.Paints.Where(p => Materials.Mixes(p.Material) || p.Material == Material.Powder)];
        string[] asTheyAre = [.. mixes.SelectMany(m => m.Shares).Select(s => s.Paint).Distinct().Where(id => stirred.All(p => p.Id != id)).Select(id => PaintOptics.Find(kit, id).Name)];
        WantedColour[] wanted = [.. mixes.Where(m => m.Shares.All(s => stirred.Any(p => p.Id == s.Paint))).Select(m => new WantedColour("", new PaintStackProbe(PaintOptics.Of(m, kit)).OpaqueColour))];
        var found = new List<FewPaints>();
        if (wanted.Length == 0 || stirred.Length > FewestPaints.MostPaints)
        {
            return found;
        }

        foreach (var difference in Differences)
        {
            cancel.ThrowIfCancellationRequested();
            try
            {
                var answer = FewestPaints.Of(wanted, stirred, difference);
                if (found.Count == 0 || answer.Paints.Count < found[^1].Paints.Count - asTheyAre.Length)
                {
                    found.Add(new([.. answer.Paints.Select(id => PaintOptics.Find(kit, id).Name), .. asTheyAre], answer.Made.Max(m => m.Recipe.DeltaE), answer.Proven));
                }
            }
            catch (InputException)
            {
                // Nothing comes so near: the next difference is larger.
            }
        }

        return found;
    }

    private static double Choose(int of, int size)
    {
        var ways = 1.0;
        for (var k = 1; k <= size; k++)
        {
            ways *= (double)(of - size + k) / k;
        }

        return ways;
    }
}

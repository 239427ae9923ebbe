using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Fit;

/// <summary>A look made with one kit, painted with another: every missing colour by the nearest mix of what is there.</summary>
public static class StandIns
{
    /// <param name="own">The kit that the look was made with; null when it is not known.</param>
    /// <returns>The look on this kit, and what stands in for what.</returns>
    public static (Look Look, IReadOnlyList<StandIn> Found) Of(Look look, Kit kit, Kit? own)
    {
        var there = kit.Paints.Select(p => p.Id).ToHashSet();
        var known = new Dictionary<(string, bool, string), (PaintMix Mix, double? DeltaE)?>();
        var found = new List<StandIn>();
        var parts = look.Parts.Select(part =>
        {
            if (PartKinds.Find(part.Kind) is not { } kind)
            {
                return part;
            }

            var paints = new Dictionary<string, PaintMix>(part.Paints);
            foreach (var (role, mix) in part.Paints.Where(p => p.Value.Shares.Any(s => !there.Contains(s.Paint))))
            {
                if (kind.Roles.FirstOrDefault(r => r.Id == role) is not { } coat)
                {
                    continue;
                }

                var split = part.LayOf(role).Split is not null;
                var key = (string.Join(' ', mix.Shares), split, string.Join(' ', kind.HangsOn));
                if (!known.TryGetValue(key, out var instead))
                {
                    known[key] = instead = Nearest(mix, split, coat, kind.HangsOn, kit, own);
                }

                if (instead is { } taken)
                {
                    paints[role] = taken.Mix;
                    found.Add(new(part.Id, role, mix, Words(mix, own), taken.Mix, taken.DeltaE));
                }
            }

            return part with { Paints = paints };
        }).ToArray();
        return found.Count == 0 ? (look, []) : (look with { Parts = parts }, found);
    }

    private static (PaintMix Mix, double? DeltaE)? Nearest(PaintMix mix, bool split, CoatRole role, IReadOnlyList<Zone> zones, Kit kit, Kit? own)
    {
        if (own is null || mix.Shares.Any(s => own.Paints.All(p => p.Id != s.Paint)))
        {
            return SuggestedPaint.For(role, zones, kit) is { } usual ? (new([new(usual, 1)]), null) : null;
        }

        var main = PaintOptics.Find(own, mix.Shares.MaxBy(s => s.Parts)!.Paint);
        var may = Allowed(kit.Paints, zones);
        var alike = may.Where(p => p.Material == main.Material).ToArray();
        if (!Materials.Mixes(main.Material) || split)
        {
            // A pencil, a stone or the colours of one sponge: each by one paint, of its own kind where there is one.
            var each = mix.Shares.Select(s => (Share: s, Single: Single(PaintOptics.Find(own, s.Paint), alike.Length > 0 ? alike : [.. may.Where(p => Materials.Mixes(p.Material))]))).ToArray();
            return each.Any(e => e.Single is null) ? null : (new([.. each.Select(e => e.Share with { Paint = e.Single!.Value.Paint.Id })]), each.Max(e => e.Single!.Value.DeltaE));
        }

        var stirred = may.Where(p => Materials.Mixes(p.Material)).ToArray();
        if (stirred.Length == 0)
        {
            return null;
        }

        var recipe = RecipeSearch.For(new PaintStackProbe(PaintOptics.Of(mix, own)).OpaqueColour, stirred).Best;
        return (recipe.Mix, recipe.DeltaE);
    }

    private static (PaintDescription Paint, double DeltaE)? Single(PaintDescription wanted, IReadOnlyList<PaintDescription> from)
    {
        if (from.Count == 0)
        {
            return null;
        }

        var colour = new PaintStackProbe(PaintOptics.Of(wanted)).OpaqueColour;
        return from.Select(p => (p, ColourDifference.DeltaE00(colour, new PaintStackProbe(PaintOptics.Of(p)).OpaqueColour))).MinBy(p => p.Item2);
    }

    // What may go near eyes or on lips, where the part hangs there; all when the kit has nothing such.
    private static PaintDescription[] Allowed(IReadOnlyList<PaintDescription> paints, IReadOnlyList<Zone> zones)
    {
        var may = paints.Where(p => (p.NearEyes || !zones.Any(z => z is Zone.Lid or Zone.Orbit)) && (p.OnLips || !zones.Contains(Zone.Lips))).ToArray();
        return may.Length > 0 ? may : [.. paints];
    }

    private static string Words(PaintMix mix, Kit? own) =>
        own is not null && mix.Shares.All(s => own.Paints.Any(p => p.Id == s.Paint)) ? PlanParts.PaintName(mix, own) : string.Join(" + ", mix.Shares.Select(s => s.Paint.Replace('-', ' ')));
}

namespace Datura.Core.Hands;

/// <summary>What a chosen tool, technique and water make of the marks that a kind drew for its usual hand.</summary>
public static class HandMarks
{
    private const double MostEdgeMm = 25;

    /// <summary>Parts with their marks as they come out; those laid as usual are left as they are.</summary>
    public static ExpandedPart Of(ExpandedPart part, Kit kit) => WithShades(Chosen(part, kit));

    // A shade pulled out of an edge lies beside the mark, as another of its coat.
    private static ExpandedPart WithShades(ExpandedPart part) => part.Part.Laid?.Values.Any(l => l.PullOut is not null) != true ? part : part with
    {
        Marks = part.Marks with { Marks = [.. part.Marks.Marks.SelectMany(m => part.Part.LayOf(m.Role).PullOut is { } pull ? PulledOut.Of(m, pull).Prepend(m) : [m])] },
    };

    private static ExpandedPart Chosen(ExpandedPart part, Kit kit)
    {
        var hands = part.Kind.Roles.Where(r => part.Part.Paints.ContainsKey(r.Id))
            .Select(r => (Role: r.Id, Hand: HandChoice.Of(r, part.Part.LayOf(r.Id), part.Part.Paints[r.Id], kit, part.Kind.StencilRoles.Contains(r))))
            .Where(h => !h.Hand.Usual).ToDictionary(h => h.Role, h => h.Hand);
        return hands.Count == 0 ? part : part with
        {
            Marks = part.Marks with { Marks = [.. part.Marks.Marks.Select(m => hands.TryGetValue(m.Role, out var hand) ? Of(m, hand) : m)] },
        };
    }

    private static Mark Of(Mark mark, Hand hand) => mark switch
    {
        RegionMark r => hand.SoftenMm == 0 ? r : r with { EdgeMm = Math.Clamp(r.EdgeMm + hand.SoftenMm, 0, Math.Max(r.EdgeMm, MostEdgeMm)) },
        StrokeMark s => Scaled(s, WidthShare(s.WidthsMm.Max(), hand)),
        DotMark d => d with { DiameterMm = Math.Max(d.DiameterMm, hand.FinestMm) },
        _ => mark,
    };

    // No line is finer than its tool; tapers keep their shape.
    private static double WidthShare(double widestMm, Hand hand) => Math.Max(hand.Width, widestMm > 0 ? hand.FinestMm / widestMm : 1);

    private static StrokeMark Scaled(StrokeMark stroke, double share) => share == 1 ? stroke : stroke with { WidthsMm = [.. stroke.WidthsMm.Select(w => w * share)] };
}

using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>A part that spreads over zones where its kind does not belong: a body too large for the field it sits in.</summary>
public static class OutgrownField
{
    /// <summary>Share of a part outside its field that an eye lets pass (common practice).</summary>
    public const double MostOutside = 0.25;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        // A base lies on the zones that were chosen for it.
        foreach (var part in look.Parts.Where(p => p.Kind.Movable))
        {
            var (share, zones) = PartField.Outside(part.Kind, part.Part, part.Marks, look.Body);
            if (share > MostOutside)
            {
                yield return new(Severity.Warning, FormattableString.Invariant(
                    $"{part.Kind.Label} outgrows its field: {100 * share:0} % of it lies on {Listed(zones)}. Make it smaller, or move it back."),
                    part.Part.Id, Middle(part));
            }
        }
    }

    private static string Listed(IReadOnlyList<string> zones) => zones.Count == 1 ? zones[0] : $"{zones[0]} and {zones[1]}";

    /// <summary>Middle of a part on the wearer's left, or wherever it is.</summary>
    internal static Body.ChartPoint? Middle(ExpandedPart part) =>
        Mark.Middle(part.Marks.Marks.Where(m => m.Side != Side.Right)) ?? Mark.Middle(part.Marks.Marks);
}

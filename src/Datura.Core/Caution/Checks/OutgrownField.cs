using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Caution.Checks;

/// <summary>A part that spreads over zones where its kind does not belong: a body too large for the field it sits in.</summary>
public static class OutgrownField
{
    /// <summary>Share of a part outside its field that an eye lets pass (common practice).</summary>
    public const double MostOutside = 0.25;

    /// <summary>Share of a part in the hair, where paint does not go, that passes (by judgement).</summary>
    public const double MostInHair = 0.08;

    public static IEnumerable<CautionNote> Of(CheckedLook look)
    {
        // A base lies on the zones that were chosen for it.
        foreach (var part in look.Parts.Where(p => p.Kind.Movable))
        {
            var (share, zones, inHair) = PartField.Outside(part.Kind, part.Part, part.Marks, look.Body);
            // Where the painter hung it herself it belongs.
            if (share > MostOutside && part.Part.Hung is not ({ At: not null } or { On: not null }))
            {
                yield return new(CautionCode.OutgrownField, Severity.Warning)
                {
                    Parts = [new(part.Part.Id, part.Label)],
                    Numbers = new Dictionary<string, double> { ["share"] = 100 * share },
                    Names = new Dictionary<string, string> { ["where"] = MessageTemplate.Listed([.. zones.Take(2).Select(z => z.Name())]) },
                    At = Middle(part),
                };
            }
            else if (inHair > MostInHair)
            {
                yield return new(CautionCode.PastHairline, Severity.Warning)
                {
                    Parts = [new(part.Part.Id, part.Label)],
                    Numbers = new Dictionary<string, double> { ["share"] = 100 * inHair },
                    At = Middle(part),
                };
            }
        }
    }

    /// <summary>Middle of a part on the wearer's left, or wherever it is.</summary>
    internal static ChartPoint? Middle(ExpandedPart part) =>
        Mark.Middle(part.Marks.Marks.Where(m => m.Side != Side.Right)) ?? Mark.Middle(part.Marks.Marks);
}

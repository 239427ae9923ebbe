using Datura.Core.Characters;
using Datura.Core.Shapes;

namespace Datura.Core.Review;

/// <summary>A look as it came out instead of as it was planned, so that what holds for looks can be asked of a face.</summary>
public static class AsPainted
{
    /// <summary>The look with every part moved and sized as found; a pair by the mean of its sides.</summary>
    public static Look Of(Look look, PhotoReview review)
    {
        var found = review.Figures.Where(f => f.Shift is not null).GroupBy(f => f.Figure.PartId).ToDictionary(g => g.Key, g => g.ToArray());
        return look with { Parts = [.. look.Parts.Select(p => found.TryGetValue(p.Id, out var figures) ? Changed(p, figures) : p)] };
    }

    private static Part Changed(Part part, ReviewedFigure[] figures)
    {
        var kind = PartKinds.Find(part.Kind)!;
        // What was found but may as well be nothing is left as planned.
        double Told(double value, double sd) => Math.Abs(value) > 2 * sd ? value : 0;
        double Out(ReviewedFigure f) => f.Figure.Side == Side.Right ? -f.Shift!.OutMm : f.Shift!.OutMm;
        var (outwards, up) = (figures.Average(f => Told(Out(f), f.Shift!.SdOutMm)), figures.Average(f => Told(f.Shift!.UpMm, f.Shift.SdUpMm)));
        var larger = 1 + figures.Average(f => Told(f.Shift!.Larger, f.Shift.SdLarger));
        var moved = new Move(Math.Round(part.Moved.OutMm + outwards, 1), Math.Round(part.Moved.UpMm + up, 1));
        var numbers = new Dictionary<string, double>(part.Numbers);
        foreach (var spec in kind.Parameters.OfType<NumberSpec>().Where(s => s.Type == ParameterType.LengthMm && numbers.ContainsKey(s.Id)))
        {
            numbers[spec.Id] = Math.Clamp(numbers[spec.Id] * larger, spec.Least, spec.Most);
        }

        return part with
        {
            Numbers = numbers,
            Moved = kind.Movable && Limits.Hold<Move>(nameof(Move.OutMm), moved.OutMm) && Limits.Hold<Move>(nameof(Move.UpMm), moved.UpMm) ? moved : part.Moved,
        };
    }

    /// <summary>What of a character's rules the face as painted does not keep, in words, and how many it keeps.</summary>
    /// <param name="painted">The look as it came out, see <see cref="Of"/>.</param>
    public static (IReadOnlyList<string> Broken, int Kept) Held(Character character, Look painted, PlannedLook planned, Kit kit, PhotoReview review)
    {
        var (off, answered) = OffColours(character, painted, planned, kit, review);
        // Of a colour that was seen the photo has the word, not the paint that was planned.
        var rules = Conformity.Of(character, painted, planned, kit).Where(f => !(ColourRule.Is(f.Rule) && f.LookParts.Any(answered.Contains))).ToArray();
        return ([.. rules.Where(f => f.State == RuleState.Off).Select(f => f.Found.Sentence), .. off], rules.Count(f => f.State != RuleState.Off) + answered.Count - off.Count);
    }

    private static (IReadOnlyList<string> Off, IReadOnlySet<string> Answered) OffColours(Character character, Look look, PlannedLook planned, Kit kit, PhotoReview review)
    {
        var (off, answered, worn) = (new List<string>(), new HashSet<string>(), PartMatch.Of(character, look, planned, kit));
        foreach (var sides in review.Figures.Where(f => f.Colour is { Spots: >= 5 }).GroupBy(f => f.Figure.PartId))
        {
            var part = character.Parts.FirstOrDefault(p => worn.Find(p)?.Part.Id == sides.Key);
            if (part is null || part.Colours.Count != 1 || character.Palette.FirstOrDefault(c => c.Id == part.Colours.Values.Single()) is not { } colour)
            {
                continue;
            }

            answered.Add(sides.Key);
            var worst = sides.MaxBy(f => Apart(f.Colour!, colour) - 2 * f.Colour!.SdDeltaE)!;
            if (Apart(worst.Colour!, colour) > colour.WithinDeltaE + 2 * worst.Colour!.SdDeltaE)
            {
                off.Add(Remark.Of(RemarkCode.ReviewPalette, ("part", worst.Figure.Name), ("colour", colour.Name), ("off", Apart(worst.Colour, colour)), ("within", colour.WithinDeltaE)).Sentence);
            }
        }

        return (off, answered);
    }

    private static double Apart(FigureColour seen, CharacterColour wanted) => ColourDifference.DeltaE00(seen.Seen, wanted.Colour);
}

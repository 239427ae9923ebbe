using Datura.Core.Body;

namespace Datura.Core.Characters;

/// <summary>The middle of the part lies near a place of the wearer's anatomy; one of a pair is judged as it is on the left.</summary>
internal sealed class PlaceRule(CharacterPart part, PlaceRange place) : PartRule($"{part.Model.Id}/place", part)
{
    public override Remark Demand => Remark.Of(RemarkCode.RulePlace, ("part", Label), ("within", place.WithinMm), ("landmark", Shapes.HangingPlaces.WordsFor(place.From)));

    protected override RuleFinding OfPart(ExpandedPart found, WornLook worn)
    {
        if (Middle(found.Marks.Marks, worn.Planned.Body) is not { } middle)
        {
            return NotDecided(found, Remark.Of(RemarkCode.RuleNothingDrawn, ("part", found.Label)));
        }

        var off = Math.Max(0, Apart(middle, worn.Planned.Body).Length - place.WithinMm);
        var says = Remark.Of(RemarkCode.RulePlaceIs, ("part", found.Label), ("off", off + place.WithinMm), ("within", place.WithinMm));
        return off > 0 ? Off(found, says, off) : Met(found, Demand);
    }

    /// <summary>Moved straight back, as far as it has to.</summary>
    public override IEnumerable<Look> Changes(WornLook worn)
    {
        if (worn.Find(Part) is not { Kind.Movable: true } found || Middle(found.Marks.Marks, worn.Planned.Body) is not { } middle)
        {
            yield break;
        }

        var (out_, up, length) = Apart(middle, worn.Planned.Body);
        // What moves on a curved skin does not arrive to the millimetre: a little farther each time, in the end to the very place.
        foreach (var share in new[] { 0.97, 0.85, 0.6, 0.0 })
        {
            var back = 1 - share * place.WithinMm / length;
            var moved = new Move(Math.Round(found.Part.Moved.OutMm - back * out_, 1), Math.Round(found.Part.Moved.UpMm - back * up, 1));
            if (Limits.Hold<Move>(nameof(Move.OutMm), moved.OutMm) && Limits.Hold<Move>(nameof(Move.UpMm), moved.UpMm))
            {
                yield return worn.With(found.Part with { Moved = moved });
            }
        }
    }

    /// <summary>The middle of what it paints on the wearer's left, or of all of it when it lies across the mid-line.</summary>
    internal static ChartPoint? Middle(IReadOnlyList<Mark> marks, FittedBody body)
    {
        var left = marks.Where(m => m.Side == Side.Left).ToArray();
        if (left.Length > 0)
        {
            return Mark.Middle(left);
        }

        var middle = Mark.Middle(marks);
        return middle is { } right && marks.Any(m => m.Side == Side.Right) ? body.Mirrored(right) : middle;
    }

    private (double Out, double Up, double Length) Apart(ChartPoint middle, FittedBody body)
    {
        var at = body.At(new(place.From));
        var (x, y) = (middle.XMm - at.XMm - place.OutMm, middle.YMm - at.YMm - place.UpMm);
        return (x, y, Math.Sqrt(x * x + y * y));
    }
}

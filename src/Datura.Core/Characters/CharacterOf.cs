using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>A character made from a look: every rule that can be drawn from it, for the painter to strike out what does not matter.</summary>
public static class CharacterOf
{
    // A hand hits a length within a seventh and a place within a finger's width (common practice); a colour reads as the same within 6 (by judgement).
    private const double SizeSlack = 0.15;
    private const double WithinMm = 8;
    private const double WithinDeltaE = 6;

    // Colours nearer than this are one of the palette.
    private const double SameDeltaE = 3;

    /// <param name="planned">The look on the wearer by whom it was made.</param>
    public static Character Of(Look look, PlannedLook planned, Kit kit)
    {
        var palette = new List<CharacterColour>();
        CharacterPart[] parts =
        [
            .. planned.Parts.Where(p => !p.Kind.IsReckoned).Select((p, k) => new CharacterPart(p.Part with { Version = PartVersion.Full, Without = [] }, k)
            {
                SideIsFixed = p.Part.Sides != Sides.Both,
                Sizes = [.. Sizes(p, planned.Body)],
                Words = [.. p.Part.Words.Keys.Where(w => p.Kind.Parameters.OfType<ChoiceSpec>().Any(c => c.Id == w))],
                Place = Place(p, planned.Body),
                Colours = Colours(p),
            }),
        ];
        // What must be there comes first; then what paints most.
        return new(look.Name, [.. parts.OrderBy(p => p.Model.Priority).ThenBy(p => p.Lies)], palette, []);

        Dictionary<string, string> Colours(ExpandedPart part) => planned.Jobs.Where(j => j.PartId == part.Part.Id && j.Lay.Split is null && j.Role.Stage != Stage.Map)
            .GroupBy(j => j.Role.Id).ToDictionary(g => g.Key, g => ColourId(planned.Colours!.Of(g.First()), PlanParts.PaintName(g.First(), kit)));

        string ColourId(Lab colour, string paint)
        {
            if (palette.FirstOrDefault(c => ColourDifference.DeltaE00(c.Colour, colour) < SameDeltaE) is { } same)
            {
                return same.Id;
            }

            var made = new CharacterColour(FormattableString.Invariant($"c{palette.Count + 1}"), Free(paint), new(Math.Round(colour.L, 1), Math.Round(colour.A, 1), Math.Round(colour.B, 1)), WithinDeltaE);
            palette.Add(made);
            return made.Id;
        }

        // One paint looks different on different grounds.
        string Free(string name) => palette.All(c => c.Name != name) ? name : Enumerable.Range(2, 400).Select(n => $"{name}, {n}").First(n => palette.All(c => c.Name != n));
    }

    /// <summary>The sizes that the painter set, and the lengths that follow the face, each as a share of the face's width.</summary>
    private static IEnumerable<SizeRange> Sizes(ExpandedPart part, FittedBody body)
    {
        var context = new PartContext(body, part.Part, new(0), Side.Middle);
        foreach (var spec in part.Kind.Parameters.OfType<NumberSpec>())
        {
            var set = part.Part.Numbers.ContainsKey(spec.Id);
            var follows = spec.Type == ParameterType.LengthMm && spec.FixedDefault is null;
            if (set || follows)
            {
                yield return RangeOf(spec, context.Number(spec), follows && !set ? "faceWidth" : null, body);
            }
        }
    }

    /// <summary>A range round a size, as wide as a hand is sure, and no wider than the kind allows.</summary>
    public static SizeRange RangeOf(NumberSpec spec, double value, string? of, FittedBody body)
    {
        var slack = Math.Max(SizeSlack * Math.Abs(value), spec is CountSpec ? 0.5 : spec.Step);
        var unit = of is null ? 1 : body.MeasuresMm[of];
        // Outwards, so that the size itself is always in it.
        var scale = of is not null ? 1000.0 : spec.Type == ParameterType.Ratio ? 100.0 : spec is CountSpec ? 1.0 : 10.0;
        return new(spec.Id, of, Math.Floor(scale * Math.Max(spec.Least, value - slack) / unit) / scale, Math.Ceiling(scale * Math.Min(spec.Most, value + slack) / unit) / scale);
    }

    // From the nearest landmark, so that another face's proportions hardly matter.
    private static PlaceRange? Place(ExpandedPart part, FittedBody body)
    {
        if (!part.Kind.Movable || PlaceRule.Middle(part.Marks.Marks, body) is not { } middle)
        {
            return null;
        }

        var (landmark, at) = body.LandmarksOnChart.Where(l => HangingPlaces.IsLandmark(Name(l.Key)) && !l.Key.Id.EndsWith("_right", StringComparison.Ordinal))
            .Select(l => (l.Key, At: l.Value)).MinBy(l => Math.Pow(l.At.XMm - middle.XMm, 2) + Math.Pow(l.At.YMm - middle.YMm, 2));
        return new(Name(landmark), Math.Round(middle.XMm - at.XMm, 1), Math.Round(middle.YMm - at.YMm, 1), WithinMm);
    }

    private static string Name(Landmark landmark) => landmark.Id.Replace("_left", "", StringComparison.Ordinal);
}

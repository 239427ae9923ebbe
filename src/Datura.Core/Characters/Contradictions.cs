using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>Two rules of a character that no look meets both.</summary>
internal static class Contradictions
{
    // A measure of anyone grown or not lies within this many times the mean adult's (from memory: the smallest child's head is 0.7, no adult's 1.4).
    private const double LeastOfMean = 0.4;
    private const double MostOfMean = 1.6;

    public static IEnumerable<Problem> Of(Character character)
    {
        var rules = CharacterRules.Of(character);
        return character.Parts.SelectMany((p, k) => OfPart(p, k)).Concat(character.Forbidden.Where(f => f.Thing == ForbiddenThing.Zone).SelectMany(OfZone));

        IEnumerable<Problem> OfPart(CharacterPart part, int k)
        {
            var kind = PartKinds.Find(part.Model.Kind)!;
            string There() => Says($"{part.Model.Id}/there");
            foreach (var no in character.Forbidden.Where(f => f.Thing == ForbiddenThing.Kind && f.Named == kind.Id))
            {
                yield return Two($"parts[{k}]", There(), Of(no));
            }

            foreach (var size in part.Sizes)
            {
                var spec = kind.Parameters.OfType<NumberSpec>().First(p => p.Id == size.Number);
                var (least, most) = Span(size);
                if (least > spec.Most || most < spec.Least)
                {
                    yield return Problem.Of($"parts[{k}].sizes", ProblemCode.RuleCannotBe, ("rule", Says(Key(part, size))), ("least", spec.Least), ("most", spec.Most));
                }

                foreach (var other in part.Sizes.TakeWhile(s => s != size).Where(s => s.Number == size.Number && (Span(s).Least > most || Span(s).Most < least)))
                {
                    yield return Two($"parts[{k}].sizes", Says(Key(part, other)), Says(Key(part, size)));
                }
            }

            foreach (var (role, id) in part.Colours)
            {
                var wanted = character.Palette.First(c => c.Id == id);
                // Whatever is near enough to the one is too near to the other.
                foreach (var no in character.Forbidden.Where(f => f.Thing == ForbiddenThing.Colour
                    && ColourDifference.DeltaE00(wanted.Colour, f.Colour!.Value) + wanted.WithinDeltaE < f.WithinDeltaE))
                {
                    yield return Two($"parts[{k}].colours.{role}", Says($"{part.Model.Id}/colour/{role}"), Of(no));
                }
            }
        }

        // A part that hangs nowhere else, and on which something has to be painted.
        IEnumerable<Problem> OfZone(Forbidden zone) => character.Parts.Select((p, k) => (Part: p, K: k))
            .Where(p => p.Part.Model.Hung is null && PartKinds.Find(p.Part.Model.Kind)!.HangsOn is [var only] && only == Zones.Find(zone.Named))
            .Select(p => Two($"parts[{p.K}]", Says($"{p.Part.Model.Id}/there"), Of(zone)));

        string Says(string key) => rules.First(r => r.Key == key).Demand.Sentence;

        string Of(Forbidden no) => new ForbiddenRule(no, character).Demand.Sentence;
    }

    private static string Key(CharacterPart part, SizeRange size) => new SizeRule(part, size).Key;

    // In the number's unit on anyone.
    private static (double Least, double Most) Span(SizeRange size) => size.Of is { } of
        ? (size.Least * LeastOfMean * Measures.Reference[of], size.Most * MostOfMean * Measures.Reference[of])
        : (size.Least, size.Most);

    private static Problem Two(string field, string one, string other) => Problem.Of(field, ProblemCode.RulesContradict, ("one", one.TrimEnd('.')), ("other", other.TrimEnd('.')));
}

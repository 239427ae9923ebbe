using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core.Characters;

/// <summary>Whether a character's rules can be, each by itself and all together.</summary>
public static class CharacterCheck
{
    /// <exception cref="InputException">It says nothing at all.</exception>
    /// <exception cref="PlanException">Each problem names its place, or the two rules that contradict each other.</exception>
    public static void Check(Character? character)
    {
        if (character is null || !Limits.IsName(character.Name))
        {
            throw new InputException("name", ProblemCode.CharacterName, ("most", Limits.LongestName));
        }

        if (!ReferenceCheck.CanBePinned([.. character.References.Select(r => new PinnedReference(r))]))
        {
            throw new InputException(ReferenceCheck.Pins("references"));
        }

        Problem[] problems = [.. OfRules(character)];
        // Rules that cannot be said cannot contradict each other.
        problems = problems.Length > 0 ? problems : [.. Contradictions.Of(character)];
        if (problems.Length > 0)
        {
            throw new PlanException(problems);
        }
    }

    private static IEnumerable<Problem> OfRules(Character character)
    {
        if (character.Parts.Any(p => p?.Model is null) || character.Palette.Any(c => c is null) || character.Forbidden.Any(f => f is null) || character.Wearers.Any(w => w?.Face is null || w.Look is null))
        {
            return [Problem.Of("parts", ProblemCode.CharacterIncomplete)];
        }

        Problem[] models = [.. PlanCheck.OfLook(new(character.Name, "", Mapping.Freehand, [.. character.Parts.Select(p => Alone(p.Model))]))];
        return models.Length > 0
            ? models
            : [.. character.Parts.SelectMany((p, k) => OfPart(p, character, $"parts[{k}]")), .. OfPalette(character), .. OfForbidden(character), .. OfFree(character)];
    }

    // What it hangs on need not be one of the character's parts.
    private static Part Alone(Part model) => model.Hung?.On is null ? model : model with { Hung = model.Hung with { On = null } };

    private static IEnumerable<Problem> OfPart(CharacterPart part, Character character, string field)
    {
        var kind = PartKinds.Find(part.Model.Kind)!;
        foreach (var (size, k) in part.Sizes.Select((s, k) => (s, k)))
        {
            var spec = kind.Parameters.OfType<NumberSpec>().FirstOrDefault(p => p.Id == size.Number);
            if (spec is null)
            {
                yield return Problem.Of($"{field}.sizes[{k}].number", ProblemCode.UnknownNumber, ("part", kind.Label), ("id", size.Number));
            }
            else if (size.Of is { } of && (Measures.Find(of) is not { } measure || measure.Group == MeasureGroup.LeftAndRight))
            {
                yield return Problem.Of($"{field}.sizes[{k}].of", ProblemCode.ShareOfWhat, ("id", of));
            }
            else if (!(size.Least <= size.Most) || !Limits.Hold<SizeRange>(nameof(size.Least), size.Least) || !Limits.Hold<SizeRange>(nameof(size.Most), size.Most))
            {
                yield return Problem.Of($"{field}.sizes[{k}]", ProblemCode.RangeTurned, ("part", kind.LabelOf(part.Model)), ("number", spec.Label));
            }
            else if (part.Sizes.Take(k).Any(s => s.Number == size.Number && s.Of == size.Of))
            {
                yield return Problem.Of($"{field}.sizes[{k}]", ProblemCode.RuleTwice, ("rule", $"{kind.LabelOf(part.Model)}, {spec.Label.ToLowerInvariant()}"));
            }
        }

        foreach (var word in part.Words.Where(w => !kind.Parameters.OfType<ChoiceSpec>().Any(c => c.Id == w)))
        {
            yield return Problem.Of($"{field}.words", ProblemCode.UnknownChoice, ("part", kind.Label), ("id", word), ("word", word));
        }

        if (part.Words.Distinct().Count() != part.Words.Count)
        {
            yield return Problem.Of($"{field}.words", ProblemCode.RuleTwice, ("rule", kind.LabelOf(part.Model)));
        }

        if (part.Place is { } place)
        {
            if (place.From is null || !HangingPlaces.IsLandmark(place.From))
            {
                yield return Problem.Of($"{field}.place.from", ProblemCode.UnknownLandmark, ("id", place.From ?? ""));
            }
            else if (!Limits.Hold<PlaceRange>(nameof(place.OutMm), place.OutMm) || !Limits.Hold<PlaceRange>(nameof(place.UpMm), place.UpMm) || !Limits.Hold<PlaceRange>(nameof(place.WithinMm), place.WithinMm))
            {
                yield return Problem.Of($"{field}.place", ProblemCode.PlaceTooFar, ("part", kind.LabelOf(part.Model)), ("least", Limits.Least<PlaceRange>(nameof(place.WithinMm))),
                    ("most", Limits.Most<PlaceRange>(nameof(place.WithinMm))));
            }
        }

        foreach (var (role, colour) in part.Colours)
        {
            if (kind.Roles.All(r => r.Id != role))
            {
                yield return Problem.Of($"{field}.colours.{role}", ProblemCode.UnknownCoat, ("part", kind.Label), ("role", role));
            }
            else if (character.Palette.All(c => c.Id != colour))
            {
                yield return Problem.Of($"{field}.colours.{role}", ProblemCode.NoSuchPaletteColour, ("part", kind.LabelOf(part.Model)), ("colour", colour));
            }
        }
    }

    private static IEnumerable<Problem> OfPalette(Character character)
    {
        for (var k = 0; k < character.Palette.Count; k++)
        {
            var colour = character.Palette[k];
            if (string.IsNullOrWhiteSpace(colour.Id) || !Limits.IsName(colour.Name) || !IsColour(colour.Colour) || !Limits.Hold<CharacterColour>(nameof(colour.WithinDeltaE), colour.WithinDeltaE)
                || character.Palette.Take(k).Any(c => c.Id == colour.Id))
            {
                yield return Problem.Of($"palette[{k}]", ProblemCode.PaletteColour, ("colour", colour.Name ?? ""), ("least", Limits.Least<CharacterColour>(nameof(colour.WithinDeltaE))),
                    ("most", Limits.Most<CharacterColour>(nameof(colour.WithinDeltaE))));
            }
        }
    }

    private static IEnumerable<Problem> OfForbidden(Character character)
    {
        for (var k = 0; k < character.Forbidden.Count; k++)
        {
            var one = character.Forbidden[k];
            var known = one.Thing switch
            {
                ForbiddenThing.Kind => PartKinds.Find(one.Named ?? "") is { IsReckoned: false },
                ForbiddenThing.Zone => Zones.Find(one.Named ?? "") is not null,
                ForbiddenThing.Colour => Limits.IsName(one.Named) && one.Colour is { } colour && IsColour(colour) && one.WithinDeltaE is > 0 and <= 50,
                _ => false,
            };
            if (!known)
            {
                yield return Problem.Of($"forbidden[{k}]", ProblemCode.ForbiddenUnknown, ("named", one.Named ?? ""));
            }
            else if (character.Forbidden.Take(k).Any(f => f.Thing == one.Thing && f.Named == one.Named))
            {
                yield return Problem.Of($"forbidden[{k}]", ProblemCode.RuleTwice, ("rule", one.Named!));
            }
        }
    }

    private static IEnumerable<Problem> OfFree(Character character) =>
        (character.Free ?? []).Where(f => PartKinds.Find(f ?? "") is null).Select(f => Problem.Of("free", ProblemCode.ForbiddenUnknown, ("named", f ?? "")));

    private static bool IsColour(Lab lab) => lab.L is >= 0 and <= 100 && Math.Abs(lab.A) <= 130 && Math.Abs(lab.B) <= 130;
}

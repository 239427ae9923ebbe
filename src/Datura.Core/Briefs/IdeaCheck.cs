using Datura.Core.Shapes;

namespace Datura.Core.Briefs;

/// <summary>Whether an idea's file says what can be drawn.</summary>
public static class IdeaCheck
{
    /// <exception cref="InputException">It has no name, or says nothing.</exception>
    /// <exception cref="PlanException">Each problem names its place in the file.</exception>
    public static void Check(Idea? idea)
    {
        if (idea is null || !Limits.IsName(idea.Name) || idea.Words is null || idea.Leads is null || idea.Parts is not { Count: > 0 } || idea.Palettes is not { Count: > 0 }
            || idea.Parts.Any(p => p?.Kind is null) || idea.Palettes.Any(p => p?.Colours is null || p.Colours.Values.Any(c => c is null)))
        {
            throw new InputException("idea", ProblemCode.IdeaIncomplete, ("most", Limits.LongestName));
        }

        Problem[] problems = [.. idea.Parts.SelectMany((p, k) => OfPart(p, $"parts[{k}]")), .. OfColours(idea)];
        if (problems.Length > 0)
        {
            throw new PlanException(problems);
        }
    }

    private static IEnumerable<Problem> OfPart(IdeaPart part, string field)
    {
        if (PartKinds.Find(part.Kind) is not { } kind)
        {
            yield return Problem.Of($"{field}.kind", ProblemCode.UnknownKind, ("kind", part.Kind), ("known", string.Join(", ", PartKinds.All.Select(k => k.Id))));
            yield break;
        }

        var spans = (part.Times ?? None).Concat(part.Numbers ?? None).Concat((part.Tempers ?? new Dictionary<Temper, IReadOnlyDictionary<string, IReadOnlyList<double>>>()).Values.SelectMany(t => t));
        foreach (var (id, span) in spans)
        {
            if (!kind.Parameters.OfType<NumberSpec>().Any(p => p.Id == id))
            {
                yield return Problem.Of($"{field}.numbers.{id}", ProblemCode.UnknownNumber, ("part", kind.Label), ("id", id));
            }
            else if (span?.Count is not (1 or 2) || span.Any(v => !double.IsFinite(v)) || span[0] > span[^1])
            {
                yield return Problem.Of($"{field}.numbers.{id}", ProblemCode.IdeaSpan, ("part", kind.Label), ("id", id));
            }
        }

        foreach (var (id, words) in part.Words ?? new Dictionary<string, IReadOnlyList<string>>())
        {
            if (words is null)
            {
                yield return Problem.Of($"{field}.words.{id}", ProblemCode.UnknownChoice, ("part", kind.Label), ("id", id), ("word", ""));
                continue;
            }

            var choice = kind.Parameters.FirstOrDefault(p => p.Id == id && p.Type == ParameterType.Choice);
            foreach (var word in words.DefaultIfEmpty("").Where(w => choice?.Choices.Contains(w) != true))
            {
                yield return Problem.Of($"{field}.words.{id}", ProblemCode.UnknownChoice, ("part", kind.Label), ("id", id), ("word", word));
            }
        }

        foreach (var role in (part.Colours ?? new Dictionary<string, string>()).Keys.Where(r => kind.Roles.All(k => k.Id != r)))
        {
            yield return Problem.Of($"{field}.colours.{role}", ProblemCode.UnknownCoat, ("part", kind.Label), ("role", role));
        }
    }

    private static readonly Dictionary<string, IReadOnlyList<double>> None = [];

    private static IEnumerable<Problem> OfColours(Idea idea)
    {
        if (idea.Parts.All(p => p.Need != Need.Must))
        {
            yield return Problem.Of("parts", ProblemCode.IdeaTellsNothing, ("idea", idea.Name));
        }

        // Whatever is named must still be told by something.
        foreach (var word in idea.Parts.SelectMany(p => p.Of).Distinct().Where(w => idea.Parts.All(p => p.Need != Need.Must || p.Of.Count > 0 && !p.Of.Contains(w))))
        {
            yield return Problem.Of("parts", ProblemCode.IdeaTellsNothing, ("idea", word));
        }

        foreach (var (word, at) in idea.Palettes.SelectMany((p, k) => p.Of.Select(w => (w, $"palettes[{k}].of"))).Concat(idea.Parts.SelectMany((p, k) => p.Of.Select(w => (w, $"parts[{k}].of")))))
        {
            if (!idea.Words.Contains(word))
            {
                yield return Problem.Of(at, ProblemCode.IdeaWord, ("word", word));
            }
        }

        foreach (var (palette, k) in idea.Palettes.Select((p, k) => (p, k)))
        {
            foreach (var slot in palette.Colours.Where(c => c.Value.Count != 3 || c.Value[0] is < 0 or > 100 || c.Value.Skip(1).Any(v => Math.Abs(v) > 128)))
            {
                yield return Problem.Of($"palettes[{k}].colours.{slot.Key}", ProblemCode.IdeaColour, ("palette", palette.Name), ("colour", slot.Key));
            }
        }
    }
}

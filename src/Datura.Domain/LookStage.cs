using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A stage of a look: finished as it is, and done before the next begins, so that one may stop after it.</summary>
/// <param name="Coats">Its coats, named part/role, or whole parts by their id. What no stage names is in the first.</param>
public sealed record LookStage([property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, IReadOnlyList<string> Coats)
{
    /// <summary>Stages of one look at the most.</summary>
    public const int Most = 12;

    [MaxLength(Limits.MostInOrder)]
    public IReadOnlyList<string> Coats { get; init; } = Coats ?? [];

    /// <summary>The stage that a coat is in, from 0: where it is named itself, else where its part is, else the first.</summary>
    public static int Of(IReadOnlyList<LookStage>? stages, string part, string role)
    {
        int Named(string name) => Enumerable.Range(0, stages!.Count).FirstOrDefault(k => stages[k].Coats.Contains(name), -1);
        return stages is not { Count: > 1 } ? 0 : Named($"{part}/{role}") is >= 0 and var own ? own : Math.Max(0, Named(part));
    }
}

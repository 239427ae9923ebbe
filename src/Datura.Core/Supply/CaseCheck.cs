namespace Datura.Core.Supply;

/// <summary>Whether a case can be packed.</summary>
public static class CaseCheck
{
    /// <exception cref="InputException">It has no name, or a number is nonsense.</exception>
    public static void Check(Case? packed)
    {
        if (packed is null || !Limits.IsName(packed.Name))
        {
            throw new InputException("name", ProblemCode.CaseName, ("most", Limits.LongestName));
        }

        if (string.IsNullOrWhiteSpace(packed.Kit) || string.IsNullOrWhiteSpace(packed.Setting))
        {
            throw new InputException("kit", ProblemCode.NothingChosen);
        }

        if (packed.Lines.Count > Case.MostLines || packed.Lines.Any(l => string.IsNullOrWhiteSpace(l?.Look) || !Limits.Hold<CaseLine>(nameof(l.Faces), l.Faces)))
        {
            throw new InputException("lines", ProblemCode.CaseLines, ("lines", Case.MostLines), ("most", CaseLine.MostFaces));
        }

        if (!Limits.Hold<Case>(nameof(packed.Evenings), packed.Evenings) || !Limits.Hold<Case>(nameof(packed.ShortChance), packed.ShortChance))
        {
            throw new InputException("evenings", ProblemCode.CaseNumbers, ("most", Limits.Most<Case>(nameof(packed.Evenings))),
                ("least", 100 * Limits.Least<Case>(nameof(packed.ShortChance))), ("largest", 100 * Limits.Most<Case>(nameof(packed.ShortChance))));
        }

        if (packed.On < PotCheck.Oldest || !Limits.Hold<Case>(nameof(packed.EveryDays), packed.EveryDays) || !Limits.Hold<Case>(nameof(packed.AmountPercent), packed.AmountPercent)
            || !Enum.IsDefined(packed.Sponges) || !Enum.IsDefined(packed.Brushes))
        {
            throw new InputException("amountPercent", ProblemCode.CaseHabits, ("days", Limits.Most<Case>(nameof(packed.EveryDays))),
                ("least", Limits.Least<Case>(nameof(packed.AmountPercent))), ("most", Limits.Most<Case>(nameof(packed.AmountPercent))));
        }

        if (packed.Cleaned.Count > Case.MostCleanings || packed.Cleaned.Any(c => c is not { What.Length: > 0 and <= Limits.LongestWords } || c.On < PotCheck.Oldest))
        {
            throw new InputException("cleaned", ProblemCode.CaseCleaning, ("most", Case.MostCleanings), ("letters", Limits.LongestWords));
        }
    }
}

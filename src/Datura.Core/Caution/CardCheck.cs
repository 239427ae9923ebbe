namespace Datura.Core.Caution;

/// <summary>Whether a wearer's card can be kept.</summary>
public static class CardCheck
{
    /// <exception cref="InputException">Something on it is nonsense, or it would be kept for too long.</exception>
    public static void Check(WearerCard? card, DateOnly today)
    {
        if (card is null || !Enum.IsDefined(card.Consent) || !Enum.IsDefined(card.Photos) || !Enum.IsDefined(card.Age)
            || card.Allergies.Count > WearerCard.MostWords || card.Allergies.Any(a => !Limits.IsName(a))
            || card.States.Count > WearerCard.MostWords || card.States.Any(s => !Enum.IsDefined(s)) || card.Brings.Count > WearerCard.MostWords || card.Brings.Any(b => !Enum.IsDefined(b))
            || card.Wants.Length > Limits.LongestWords || card.DoesNotWant.Length > Limits.LongestWords || !Limits.Hold<WearerCard>(nameof(card.PatienceMinutes), card.PatienceMinutes))
        {
            throw new InputException("card", ProblemCode.CardNumbers, ("most", WearerCard.MostWords),
                ("least", Limits.Least<WearerCard>(nameof(card.PatienceMinutes))), ("longest", Limits.Most<WearerCard>(nameof(card.PatienceMinutes))));
        }

        if (card.DeleteOn < today || card.DeleteOn > today.AddDays(WearerCard.MostDays))
        {
            throw new InputException("deleteOn", ProblemCode.CardDay, ("days", WearerCard.MostDays));
        }

        if (!PlanCheck.ArePassed(card.Passed))
        {
            throw new InputException("passed", ProblemCode.PassedStops, ("least", PassedStop.LeastLetters), ("letters", Limits.LongestWords), ("most", PassedStop.Most));
        }
    }
}

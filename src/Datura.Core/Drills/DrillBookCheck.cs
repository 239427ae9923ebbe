using Datura.Core.Supply;

namespace Datura.Core.Drills;

/// <summary>Whether what was practised can be kept.</summary>
public static class DrillBookCheck
{
    /// <exception cref="InputException">It has no name, or a number is nonsense.</exception>
    public static void Check(DrillBook? book)
    {
        if (book is null || !Limits.IsName(book.Name))
        {
            throw new InputException("name", ProblemCode.DrillName, ("most", Limits.LongestName));
        }

        _ = GroundSurface.Of(DrillGround.Hand, book.Hand);
        if (book.Tries.Count > DrillBook.MostTries || book.Tries.Any(t => !IsTry(t)))
        {
            throw new InputException("tries", ProblemCode.DrillTries, ("most", DrillBook.MostTries));
        }
    }

    private static bool IsTry(DrillTry? tried) => tried is not null && tried.On >= PotCheck.Oldest && !string.IsNullOrWhiteSpace(tried.Exercise) && tried.Exercise.Length <= DrillTry.LongestExercise
        && Enum.IsDefined(tried.Ground) && Limits.Hold<DrillTry>(nameof(tried.PlaceMm), tried.PlaceMm) && Limits.Hold<DrillTry>(nameof(tried.ShapeMm), tried.ShapeMm)
        && Limits.Hold<DrillTry>(nameof(tried.WidthPercent), tried.WidthPercent) && Limits.Hold<DrillTry>(nameof(tried.UnevenPercent), tried.UnevenPercent)
        && Limits.Hold<DrillTry>(nameof(tried.CoveredPercent), tried.CoveredPercent) && Limits.Hold<DrillTry>(nameof(tried.Missing), tried.Missing)
        && (tried.SymmetryMm is not { } symmetry || Limits.Hold<DrillTry>(nameof(tried.SymmetryMm), symmetry)) && (tried.TonePercent is not { } tone || Limits.Hold<DrillTry>(nameof(tried.TonePercent), tone))
        && (tried.Seconds is not { } seconds || Limits.Hold<DrillTry>(nameof(tried.Seconds), seconds));
}

using Datura.Core.Learn;

namespace Datura.Web;

/// <summary>How a painter gets quicker at one thing.</summary>
/// <param name="Name">Id of the look, or code of the technique.</param>
/// <param name="Exponent">Of the power law; null while nothing can be told.</param>
/// <param name="ExponentSd">Its standard error.</param>
/// <param name="Improves">Whether it gets quicker, as far as can be told.</param>
/// <param name="Line">What the law says at every session so far, and a few more.</param>
/// <param name="Target">A tenth less than now: of a look in seconds.</param>
/// <param name="MoreSessions">After how many more sessions that is reached; null when it is not.</param>
public sealed record PracticeResource(
    string Name, IReadOnlyList<PracticePoint> Points, double? Exponent, double? ExponentSd, bool Improves, IReadOnlyList<double> Line, double? Target, int? MoreSessions)
{
    private const double LessShare = 0.9;

    private const int Ahead = 5;

    public static PracticeResource Of(PracticeOf practice) => practice.Law is not { } law ? new(practice.Name, practice.Points, null, null, false, [], null, null)
        : new(
            practice.Name, practice.Points, Math.Round(law.Exponent, 4), Math.Round(law.ExponentSd, 4), law.Improves,
            [.. Enumerable.Range(1, practice.Points.Count + Ahead).Select(n => Math.Round(law.SecondsAt(n), 4))], Math.Round(LessShare * law.SecondsAt(law.Count), 3),
            law.MoreUntil(LessShare * law.SecondsAt(law.Count)));
}

namespace Datura.Core.Learn;

/// <summary>How somebody gets quicker at one thing.</summary>
/// <param name="Name">Id of the look, or a technique.</param>
/// <param name="Points">Session by session: seconds of a look, or against the usual of a technique.</param>
/// <param name="Law">Null while there are too few.</param>
public sealed record PracticeOf(string Name, IReadOnlyList<PracticePoint> Points, PracticeLaw? Law)
{
    public static PracticeOf Of(string name, IReadOnlyList<(DateOnly On, double Value)> points) =>
        new(name, [.. points.Select(p => new PracticePoint(p.On, p.Value))], PracticeLaw.Of([.. points.Select(p => p.Value)]));
}

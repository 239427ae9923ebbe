namespace Datura.Core.Supply;

/// <summary>A pot after so much was taken out of it.</summary>
/// <param name="Paint">Id in the kit.</param>
/// <param name="Ml">Taken out; 0 of what is counted.</param>
/// <param name="LeftMl">Left by now; null where nobody looked how full it was.</param>
/// <param name="WeighedG">What the scales would say by now; null where it was not weighed.</param>
public sealed record PotAfter(string Paint, string Name, double Ml, double? LeftMl, double? WeighedG)
{
    /// <param name="uses">Of each look, how many faces and what one takes.</param>
    public static IReadOnlyList<PotAfter> All(Kit kit, IReadOnlyList<(int Faces, FaceSupply Each)> uses) =>
        [.. uses.SelectMany(u => u.Each.Paints.Select(p => (p.Paint, Ml: u.Faces * p.Ml))).GroupBy(u => u.Paint).Select(g => Of(kit.Paints.First(p => p.Id == g.Key), g.Sum(u => u.Ml))).OrderByDescending(p => p.Ml)];

    private static PotAfter Of(PaintDescription paint, double ml) => new(
        paint.Id, paint.Name, ml, PotLevel.LeftMl(paint) is { } left ? Math.Max(0, left - ml) : null,
        paint is { Pot.WeighedG: { } now } ? Math.Max(0, now - ml * MaterialUse.Of(paint.Material).GramsPerMl) : null);
}

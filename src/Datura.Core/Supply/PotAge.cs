namespace Datura.Core.Supply;

/// <summary>For how long an opened pot keeps.</summary>
public static class PotAge
{
    /// <summary>
    /// Months after opening (craft of the trade, from memory, unverified; the label, which shows an open jar with a number, comes first):
    /// cakes 12 to 36, creams 12, pencils 24; null for what does not spoil.
    /// </summary>
    public static double? UsualMonths(Material material) => material switch
    {
        Material.WaterCake or Material.SplitCake or Material.Metallic => 24,
        Material.Cream or Material.Gel => 12,
        Material.Powder or Material.Pencil or Material.Pigment => 24,
        _ => null,
    };

    /// <summary>The last day on which it is used; null when nobody knows when it was opened, or it does not spoil.</summary>
    public static DateOnly? LastDay(PaintDescription paint) =>
        paint.Pot?.OpenedOn is { } opened && (paint.Pot.KeepsMonths ?? UsualMonths(paint.Material)) is { } months
            ? opened.AddMonths((int)Math.Floor(months)).AddDays((int)Math.Round(30 * (months % 1))) : null;

    /// <exception cref="InputException">A pot of the kit was opened after today.</exception>
    public static void NotAhead(Kit kit, DateOnly today)
    {
        for (var k = 0; k < kit.Paints.Count; k++)
        {
            if (kit.Paints[k].Pot?.OpenedOn is { } opened && opened > today)
            {
                throw new InputException($"paints[{k}]", ProblemCode.PotOpenedAhead, ("paint", kit.Paints[k].Name));
            }
        }
    }
}

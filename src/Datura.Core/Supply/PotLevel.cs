namespace Datura.Core.Supply;

/// <summary>How much is left in a pot.</summary>
public static class PotLevel
{
    /// <summary>
    /// ml left: what the scales say, where the full pot, the pot now and what it held are known, else what was looked up by eye;
    /// null when nobody looked.
    /// </summary>
    public static double? LeftMl(PaintDescription paint) => paint is { PotMl: { } held, Pot: { FullG: { } full, WeighedG: { } now } }
        ? Math.Clamp(held - (full - now) / MaterialUse.Of(paint.Material).GramsPerMl, 0, held) : paint.LeftMl;
}

namespace Datura.Core.Form;

/// <summary>A form whose lamp is in the painter's hand: what does not change with the lamp is kept, and only the tones are found anew.</summary>
/// <param name="On">Cells that are painted.</param>
/// <param name="Covered">Cells whose tones are hidden by parts in their own colours.</param>
public sealed record HeldForm(FormWish Wish, Relief Relief, bool[] On, bool[] Covered, ToneBounds Bounds, double BaseL, FaceLight Light)
{
    /// <summary>Change of L* that is seen per cell under a lamp.</summary>
    public float[] Under(LampPlace lamp)
    {
        var wish = Wish with { Pretended = lamp };
        var seen = ToneBands.PaintedOnly(ToneMap.Of(Relief, On, Light, wish.PretendedLight, BaseL, Bounds, wish.Strength, wish.HighlightCap), wish.Tones);
        for (var n = 0; n < seen.Length; n++)
        {
            seen[n] = Covered[n] ? 0 : seen[n];
        }

        return seen;
    }
}

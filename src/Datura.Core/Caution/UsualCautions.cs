namespace Datura.Core.Caution;

/// <summary>What holds for every face, and what the wearer brings along. All: common practice; the label and local rules come first.</summary>
public static class UsualCautions
{
    public static IReadOnlyList<string> Always { get; } =
    [
        "Use only cosmetic-grade paint made for skin. What may go near eyes or on lips differs from country to country: the product label and your local rules decide.",
        "For long wear test each paint on the inside of the arm the day before.",
        "Never paint broken, sunburnt or infected skin. At stinging or swelling stop and wash off with lukewarm water; if it lasts, ask a doctor.",
        "One clean sponge per colour and face, clean water, brushes wiped between faces.",
    ];

    public static CautionNote For(WearerCaution caution) => caution switch
    {
        WearerCaution.SensitiveSkin => new(CautionCode.SensitiveSkin, Severity.Warning),
        WearerCaution.Lenses => new(CautionCode.Lenses, Severity.Warning),
        WearerCaution.Glasses => new(CautionCode.Glasses, Severity.Note),
        WearerCaution.Beard => new(CautionCode.Beard, Severity.Note),
        WearerCaution.Child => new(CautionCode.Child, Severity.Note),
        _ => throw new ArgumentOutOfRangeException(nameof(caution)),
    };
}

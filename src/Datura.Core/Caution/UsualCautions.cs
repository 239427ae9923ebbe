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
        WearerCaution.SensitiveSkin => new(Severity.Warning, "Sensitive skin: test every paint the day before, keep coats thin, and have a gentle remover at hand.", null),
        WearerCaution.Lenses => new(Severity.Warning, "The wearer has lenses: put them in before painting, keep powder and loose glitter away from the eyes. Decorative lenses come from an eye-care professional only.", null),
        WearerCaution.Glasses => new(Severity.Note, "The wearer has glasses: paint under the frame rubs off. Keep the bridge of the nose thin and try the glasses on when dry.", null),
        WearerCaution.Beard => new(Severity.Note, "Beard: paint sits on hair and flakes. Work with the hair, use less water, and leave time to wash out.", null),
        WearerCaution.Child => new(Severity.Note, "A child: do the readable parts first, steady the head with your free hand, and stop when the child wants to stop.", null),
        _ => throw new ArgumentOutOfRangeException(nameof(caution)),
    };
}

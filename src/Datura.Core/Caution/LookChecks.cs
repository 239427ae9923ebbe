using Datura.Core.Caution.Checks;

namespace Datura.Core.Caution;

/// <summary>What a practised eye would find wrong with a look before the first stroke (common practice throughout).</summary>
public static class LookChecks
{
    public static IReadOnlyList<CautionNote> Of(CheckedLook look) =>
    [
        .. MissingPart.Of(look), .. OutgrownField.Of(look), .. NoRoom.Of(look), .. UnevenWeight.Of(look),
        .. BaseEdge.Of(look), .. BareGap.Of(look), .. UnderCostume.Of(look), .. CostumeRub.Of(look), .. LashLine.Of(look), .. ColourBalance.Of(look),
        .. Muddy.Of(look), .. SpongeTurned.Of(look), .. Holding.Of(look), .. TooFine.Of(look), .. Unpainted.Of(look), .. SparedThenCovered.Of(look),
    ];
}

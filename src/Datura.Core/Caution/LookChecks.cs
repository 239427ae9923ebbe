using Datura.Core.Body;
using Datura.Core.Caution.Checks;
using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Caution;

/// <summary>All that the checks of a planned look may see.</summary>
public sealed record CheckedLook(
    IReadOnlyList<ExpandedPart> Parts, IReadOnlyList<CoatJob> Jobs, FittedBody Body, Costume Costume, Kit Kit)
{
    /// <summary>Colours in place; without them nothing is said of what lies on what.</summary>
    public CoatColours? Colours { get; init; }

    /// <summary>From where it is seen, m; without it nothing is too fine.</summary>
    public double? DistanceM { get; init; }
}

/// <summary>What a practised eye would find wrong with a look before the first stroke (common practice throughout).</summary>
public static class LookChecks
{
    public static IReadOnlyList<CautionNote> Of(CheckedLook look) =>
    [
        .. MissingPart.Of(look), .. OutgrownField.Of(look), .. NoRoom.Of(look), .. UnevenWeight.Of(look),
        .. BaseEdge.Of(look), .. BareGap.Of(look), .. UnderCostume.Of(look), .. LashLine.Of(look), .. ColourBalance.Of(look),
        .. Muddy.Of(look), .. SpongeTurned.Of(look), .. Holding.Of(look), .. TooFine.Of(look),
    ];
}

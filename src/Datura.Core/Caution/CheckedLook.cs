using Datura.Core.Body;
using Datura.Core.Order;
using Datura.Core.Shapes;

namespace Datura.Core.Caution;

/// <summary>All that the checks of a planned look may see.</summary>
public sealed record CheckedLook(
    IReadOnlyList<ExpandedPart> Parts, IReadOnlyList<CoatJob> Jobs, FittedBody Body, Costume Costume, Kit Kit)
{
    /// <summary>Colours in place; without them nothing is said of what lies on what.</summary>
    public CoatColours? Colours { get; init; }

    /// <summary>Whether every cream is powdered as it is laid, the painter's way of drying.</summary>
    public bool CreamsPowdered { get; init; }

    /// <summary>From where it is seen, m; without it nothing is too fine.</summary>
    public double? DistanceM { get; init; }

    /// <summary>Where it is painted and worn; without it nothing is said of that.</summary>
    public Setting? Setting { get; init; }
}

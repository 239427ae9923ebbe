namespace Datura.Core.Review;

/// <summary>What can have come out otherwise than planned.</summary>
public enum FindingKind
{
    Missing,
    Moved,
    Size,
    Turned,
    Colour,
    Uneven,
    Holes,
    HardEdge,
    SideHigher,
    SideFartherOut,
    SideLarger,
    SideColour,
}

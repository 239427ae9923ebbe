namespace Datura.Domain;

/// <summary>What is done when the paint comes off, in this order.</summary>
public enum RemovalKind
{
    Hands,
    Gems,
    Flakes,
    Lids,
    Cream,
    Water,
    Lips,
    Hair,
    Care,
}

namespace Datura.Core.Photos;

/// <summary>Where a card or ruler is held in a photo.</summary>
public enum HeldAgainst
{
    Forehead,
    Chin,
}

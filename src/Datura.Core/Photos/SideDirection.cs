namespace Datura.Core.Photos;

/// <summary>Along what two sides are held against each other.</summary>
public enum SideDirection
{
    /// <summary>Towards the crown.</summary>
    Higher,

    /// <summary>Away from the mid-line.</summary>
    FartherOut,
}

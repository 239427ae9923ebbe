namespace Datura.Domain;

/// <summary>On what a stroke is practised.</summary>
public enum DrillGround
{
    /// <summary>A printed card of A6.</summary>
    Card,

    /// <summary>The back of the painter's own other hand.</summary>
    Hand,

    /// <summary>The upper side of the forearm.</summary>
    Forearm,
}

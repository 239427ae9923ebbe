namespace Datura.Domain;

/// <summary>Where on another part a part hangs.</summary>
public enum HostPlace
{
    /// <summary>Its middle on the other's middle.</summary>
    Middle,

    /// <summary>Its middle on the other's outline or beside it, its upper side turned outwards.</summary>
    Outline,

    /// <summary>Growing out of the end of the other's longest line, or of the point farthest from its middle.</summary>
    Tip,

    /// <summary>Hanging from the other's lowest point, upright.</summary>
    LowerEdge,

    /// <summary>Growing from under the other's edge: only what looks out is painted, up to that edge.</summary>
    Under,
}

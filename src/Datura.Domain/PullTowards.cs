namespace Datura.Domain;

/// <summary>Where an edge is pulled out to.</summary>
public enum PullTowards
{
    AllRound,
    Down,
    Up,

    /// <summary>Away from the middle of the face.</summary>
    Outwards,

    /// <summary>To the middle of the face.</summary>
    Inwards,
}

namespace Datura.Domain;

/// <summary>How dry what lies beneath must be before a coat goes on it.</summary>
public enum Ground
{
    Dry,

    /// <summary>It no longer shines and still gives under a finger.</summary>
    Tacky,

    /// <summary>Whatever it is like by then.</summary>
    StraightOn,
}

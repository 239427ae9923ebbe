namespace Datura.Core.Days;

/// <summary>What became of one who came.</summary>
public enum QueueFate
{
    Painted,

    /// <summary>Waited too long.</summary>
    Left,

    /// <summary>Came after the queue was closed.</summary>
    TurnedAway,

    /// <summary>Wanted what is not on the menu, and nothing else.</summary>
    WantedOther,
}

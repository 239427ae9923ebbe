namespace Datura.Core.Days.Live;

/// <summary>Where a ticket stands.</summary>
public enum LiveState
{
    Waiting,
    Called,
    InChair,
    Done,
    NoShow,
    Left,
}

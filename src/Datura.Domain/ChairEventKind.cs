namespace Datura.Domain;

/// <summary>What can happen while a face is painted.</summary>
public enum ChairEventKind
{
    Begun,
    StepDone,
    StepSkipped,

    /// <summary>It was tapped too soon and is not done yet.</summary>
    StepUndone,

    /// <summary>Wiped off, to be laid again.</summary>
    StepWiped,

    /// <summary>A step goes before another.</summary>
    StepMoved,

    /// <summary>Parts are left out, so that it still ends in time.</summary>
    PartsDropped,

    /// <summary>They are painted after all.</summary>
    PartsTakenBack,
    Paused,
    Resumed,
    Noted,

    /// <summary>Stopped early, where it still looks finished.</summary>
    Stopped,
    Ended,
}

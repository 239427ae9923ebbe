namespace Datura.Domain;

/// <summary>How the wearer holds still, as the painter asks for it (cues: common practice).</summary>
public enum Pose
{
    Front,
    EyesClosed,

    /// <summary>Of whoever paints herself: the lid that is painted closed, the other eye on the mirror.</summary>
    OneLidClosed,

    LipsTogether,
    ChinUp,
    TurnHead,

    /// <summary>To the wearer's own right, for work on the left side alone.</summary>
    TurnRight,

    /// <summary>To the wearer's own left, for work on the right side alone.</summary>
    TurnLeft,
}

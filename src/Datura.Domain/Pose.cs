namespace Datura.Domain;

/// <summary>How the wearer holds still, as the painter asks for it (cues: common practice).</summary>
public enum Pose
{
    Front,
    EyesClosed,
    LipsTogether,
    ChinUp,
    TurnHead,
}

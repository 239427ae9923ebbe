namespace Datura.Domain;

/// <summary>How paint goes on.</summary>
public enum Technique
{
    Dab,
    Stipple,
    Drag,
    Buff,
    Stroke,
    PressAndLift,
    OnItsSide,
    Flick,
    DryBrush,

    /// <summary>A damp brush draws an edge that is there outwards: a shade without a second paint.</summary>
    PullOut,
    FingerBlend,

    /// <summary>Through a mesh or a cut card.</summary>
    ThroughCard,

    /// <summary>A thin veil that only shifts the skin.</summary>
    Cast,
    Drip,
    Splatter,
}

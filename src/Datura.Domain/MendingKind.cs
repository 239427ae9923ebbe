namespace Datura.Domain;

/// <summary>What is done for a coat beside laying it: its ground is prepared, or it is mended (common practice).</summary>
public enum MendingKind
{
    /// <summary>Powder pressed over a cream, so that water-based paint holds on it.</summary>
    PowderCream,

    /// <summary>The dry spot is wetted, so that glitter or leaf holds.</summary>
    WetSpot,

    /// <summary>Water sprayed above the face and left to fall.</summary>
    Mist,

    /// <summary>What is too wet or too much is dabbed off.</summary>
    DabOff,

    /// <summary>Streaks and texture taken out with the dry side.</summary>
    TakeOutTexture,

    /// <summary>Wiped off and laid again.</summary>
    WipeAndRedo,

    /// <summary>Left and right compared and made alike.</summary>
    EvenUp,

    /// <summary>Points and crisp edges cleaned with a damp tip.</summary>
    CleanPoints,

    /// <summary>Edges that were lost are drawn again.</summary>
    ReWhiten,
}

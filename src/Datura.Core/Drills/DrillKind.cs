namespace Datura.Core.Drills;

/// <summary>What can be practised: the strokes that faces are made of (common practice).</summary>
public enum DrillKind
{
    /// <summary>One stroke from full width to a point.</summary>
    ThickToThin,

    /// <summary>A row of drops of one size.</summary>
    EqualDrops,

    /// <summary>Threads from a corner, and bows that sag between them.</summary>
    WebThreads,

    /// <summary>A ring of petals, each one press and lift.</summary>
    Petals,

    /// <summary>The same curl to the left and to the right.</summary>
    SymmetricPair,

    /// <summary>A wide wave with two colours on one brush.</summary>
    SplitLoad,

    /// <summary>One even patch by the sponge.</summary>
    EvenSponge,
}

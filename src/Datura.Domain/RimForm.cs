namespace Datura.Domain;

/// <summary>How the edge of a filled figure runs.</summary>
public enum RimForm
{
    /// <summary>Sharp teeth, no two alike.</summary>
    Jagged,

    /// <summary>Even bows outwards, points between them.</summary>
    Scalloped,

    /// <summary>Drawn out into thin flicks.</summary>
    Feathered,
}

namespace Datura.Domain;

/// <summary>How much of a part is painted this time.</summary>
public enum PartVersion
{
    Full,

    /// <summary>The same thing with less work: no outline, fewer of it, one coat.</summary>
    Quick,

    /// <summary>Left out, but kept in the look.</summary>
    Out,
}

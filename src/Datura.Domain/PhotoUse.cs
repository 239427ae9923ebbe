namespace Datura.Domain;

/// <summary>What pictures of a painted face may be used for.</summary>
public enum PhotoUse
{
    None,

    /// <summary>The painter's own book.</summary>
    OwnBook,
    Shown,
}

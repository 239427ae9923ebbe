namespace Datura.Domain;

/// <summary>Why a step cannot begin although the painter's hands are free.</summary>
public enum WaitCode
{
    /// <summary>What lies beneath is still wet.</summary>
    Dries,

    /// <summary>The other painter works where this one must.</summary>
    Room,
}

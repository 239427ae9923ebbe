namespace Datura.Domain;

/// <summary>Who agreed to being painted.</summary>
public enum Consent
{
    NotYet,

    /// <summary>The wearer, of age.</summary>
    Wearer,

    /// <summary>Whoever answers for a child.</summary>
    Guardian,
}

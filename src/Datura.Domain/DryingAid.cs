namespace Datura.Domain;

/// <summary>What helps paint dry.</summary>
public enum DryingAid
{
    Air,

    /// <summary>A hand fan or cool blower.</summary>
    Fan,

    /// <summary>Creams set with powder.</summary>
    Powder,
}

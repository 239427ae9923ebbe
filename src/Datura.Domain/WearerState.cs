namespace Datura.Domain;

/// <summary>How a wearer's skin and breath are on the day.</summary>
public enum WearerState
{
    BrokenSkin,
    Sunburnt,
    ColdSore,
    Infection,
    Asthma,
}

namespace Datura.Domain;

/// <summary>How wet paint is as it goes on, from dry to runny.</summary>
public enum Water
{
    Dry,
    Damp,
    Creamy,
    Flowing,
    Runny,
}

namespace Datura.Domain;

/// <summary>What the painter must know of the wearer before starting.</summary>
public enum WearerCaution
{
    SensitiveSkin,
    Lenses,
    Glasses,
    Beard,
    Child,
}

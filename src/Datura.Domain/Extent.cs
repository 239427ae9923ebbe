namespace Datura.Domain;

/// <summary>How much of the wearer is painted; each takes in the ones before it.</summary>
public enum Extent
{
    Eyes,
    HalfFace,
    Face,
    FaceAndNeck,
    ToChest,
}

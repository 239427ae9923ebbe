namespace Datura.Domain;

/// <summary>How the edge of the costume runs over the chest.</summary>
public enum NecklineShape
{
    Round,
    Vee,
    Square,
    Boat,
}

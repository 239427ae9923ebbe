namespace Datura.Domain;

/// <summary>On which side of the wearer something sits.</summary>
public enum Side
{
    Middle,
    Left,
    Right,
}

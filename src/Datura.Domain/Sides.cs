namespace Datura.Domain;

/// <summary>Which sides of the wearer a part is asked for.</summary>
public enum Sides
{
    Both,
    Left,
    Right,
}

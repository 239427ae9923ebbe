namespace Datura.Core.Shapes;

/// <summary>On which side of the wearer something sits.</summary>
public enum Side
{
    Middle,
    Left,
    Right,
}

/// <summary>Which sides of the wearer a part is asked for.</summary>
public enum Sides
{
    Both,
    Left,
    Right,
}

namespace Datura.Domain;

/// <summary>How outlines get onto the skin before paint.</summary>
public enum Mapping
{
    Pencil,
    Freehand,
}

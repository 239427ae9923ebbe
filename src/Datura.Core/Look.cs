using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>How outlines get onto the skin before paint.</summary>
public enum Mapping
{
    Pencil,
    Freehand,
}

/// <summary>A character: parts hung on anatomy. It belongs to no face.</summary>
public sealed record Look(string Name, string Notes, Mapping Mapping, IReadOnlyList<Part> Parts);

using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>A part with its kind and the marks it makes on this body.</summary>
public sealed record ExpandedPart(Part Part, PartKind Kind, PartMarks Marks)
{
    /// <summary>What the painter calls it.</summary>
    public string Label => Kind.LabelOf(Part);
}

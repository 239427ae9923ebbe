namespace Datura.Core.Shapes;

/// <summary>Everything a part expands to.</summary>
public sealed record PartMarks(IReadOnlyList<Mark> Marks, IReadOnlyList<SizeLine> Sizes);

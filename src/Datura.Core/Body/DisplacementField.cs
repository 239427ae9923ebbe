namespace Datura.Core.Body;

/// <summary>Displacement (mm per unit) at every node of the rows it touches; most modes touch only a part of the body.</summary>
public sealed record DisplacementField(int FirstRow, int EndRow, Vec3[] AtNodes);

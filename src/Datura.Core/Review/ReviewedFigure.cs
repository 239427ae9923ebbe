namespace Datura.Core.Review;

/// <summary>One figure as it came out.</summary>
/// <param name="Shift">Null where too little of its outline was seen.</param>
/// <param name="Colour">Null where too little of its inside was seen.</param>
/// <param name="EdgeMm">Usual width of its edge, from a tenth to nine tenths; null where none was seen.</param>
/// <param name="PlannedEdgeMm">The same as planned.</param>
/// <param name="OutlineSeen">Share of the lines across its outline, as far as they were in sight, at which something like it was found; null where none was in sight.</param>
public sealed record ReviewedFigure(ReviewFigure Figure, FigureShift? Shift, FigureColour? Colour, double? EdgeMm, double? PlannedEdgeMm, double? OutlineSeen);

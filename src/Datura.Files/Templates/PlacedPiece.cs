using Datura.Core.Shapes.Transfer;

namespace Datura.Files.Templates;

/// <summary>A piece with where its origin lies on the roll, mm from the upper left, y down.</summary>
public sealed record PlacedPiece(TemplatePiece Piece, double XMm, double YMm);

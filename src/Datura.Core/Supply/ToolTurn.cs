namespace Datura.Core.Supply;

/// <summary>One use of a brush: on which face, which one of several, and when it is clean again.</summary>
/// <param name="Face">Place of the face in the evening, from 1.</param>
/// <param name="Piece">Which of the brushes of this kind, from 1.</param>
/// <param name="ReadyMinutes">When it is clean again; null for not on this evening.</param>
public sealed record ToolTurn(int Face, int Piece, double FromMinutes, double? ReadyMinutes);

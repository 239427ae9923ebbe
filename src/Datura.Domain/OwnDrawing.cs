using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>The painter's own line or closed figure.</summary>
/// <param name="Closed">A figure with an inside; otherwise a line from the first point to the last.</param>
/// <param name="Straight">Straight from point to point; otherwise a curve through them.</param>
public sealed record OwnDrawing(IReadOnlyList<OwnPoint> Points, bool Closed = false, bool Straight = false)
{
    /// <summary>It is for the line a kind does not know, not a canvas.</summary>
    public const int MostPoints = 40;

    /// <summary>Points of the line, in order; a file may leave out what is not there yet.</summary>
    [MaxLength(MostPoints)]
    public IReadOnlyList<OwnPoint> Points { get; init; } = Points ?? [];
}

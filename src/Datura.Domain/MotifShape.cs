using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <param name="Filled">A closed figure to be filled; otherwise a line.</param>
/// <param name="Width">Of a line, as a share of the card's longer side.</param>
/// <param name="Points">x, y pairs.</param>
public sealed record MotifShape(bool Filled, double Width, [property: MaxLength(2 * Motif.MostPoints)] IReadOnlyList<double> Points);

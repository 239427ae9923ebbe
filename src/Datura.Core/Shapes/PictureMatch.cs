using System.ComponentModel.DataAnnotations;

namespace Datura.Core.Shapes;

/// <summary>Where a landmark lies in a picture.</summary>
/// <param name="At">Landmark with its side, for example exocanthion_left.</param>
/// <param name="X">To the right of the picture's left edge, in any unit that <see cref="PicturePoint"/> shares.</param>
/// <param name="Y">Down from its upper edge.</param>
public sealed record PictureMatch([property: StringLength(40)] string At, double X, double Y);

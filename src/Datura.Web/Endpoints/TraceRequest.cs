using System.ComponentModel.DataAnnotations;
using Datura.Core.Shapes;

namespace Datura.Web;

/// <summary>What was traced over a picture, and three landmarks that say how the picture lies on the face.</summary>
/// <param name="Points">Right and down in turn, in the picture's own unit.</param>
/// <param name="FromDeg">From where the picture shows the face: 0 from the front, towards the wearer's left; null where the landmarks shall tell.</param>
/// <param name="Closed">A figure with an inside.</param>
public sealed record TraceRequest(
    [property: MaxLength(3)] IReadOnlyList<PictureMatch> Landmarks, [property: MaxLength(2 * TracedLine.MostPoints)] IReadOnlyList<double> Points,
    [property: Range(-90, 90)] double? FromDeg = null, bool Closed = false);

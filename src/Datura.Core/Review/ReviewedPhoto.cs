using System.ComponentModel.DataAnnotations;
using Datura.Core.Photos;

namespace Datura.Core.Review;

/// <summary>One photo of a finished face as it comes to be looked over: points and colours, no picture.</summary>
/// <param name="Colours">Red, green and blue, 0 to 255, at every place that was asked for, in its order.</param>
/// <param name="White">The same of something white in the picture; null where there is nothing.</param>
public sealed record ReviewedPhoto(
    FacePhoto Photo, [property: MaxLength(ReviewedPhoto.MostColours)] byte[] Colours, [property: MaxLength(3)] IReadOnlyList<double>? White = null)
{
    /// <summary>Bytes of one photo; no look asks for so many.</summary>
    public const int MostColours = 300_000;
}

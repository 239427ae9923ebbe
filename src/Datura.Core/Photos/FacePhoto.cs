using System.ComponentModel.DataAnnotations;

namespace Datura.Core.Photos;

/// <summary>What is known of one photo of a face: numbers alone, no picture.</summary>
/// <param name="Points">What was found in it.</param>
/// <param name="FocalPx">Focal length in pixels, where the camera wrote it down.</param>
/// <param name="Held">A card or ruler in it.</param>
/// <param name="IrisPx">Width of an iris, where nothing else tells the scale.</param>
public sealed record FacePhoto(double WidthPx, double HeightPx, [property: MaxLength(FacePhoto.MostPoints)] IReadOnlyList<SeenPoint> Points, double? FocalPx = null, HeldThing? Held = null, double? IrisPx = null)
{
    /// <summary>Whether a person has looked at its points; a face finder's alone are not sure of themselves.</summary>
    public bool IsChecked => Points.Count(p => p.Sure >= 1) >= Points.Count / 2.0;

    /// <summary>Points of one photo.</summary>
    public const int MostPoints = 600;

    /// <summary>Photos of one face.</summary>
    public const int MostPhotos = 5;

    /// <summary>Pixels of the longer side.</summary>
    public const double MostPx = 20_000;
}

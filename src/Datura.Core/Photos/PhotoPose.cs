namespace Datura.Core.Photos;

/// <summary>How a photo was taken, as far as it could be found out.</summary>
/// <param name="Camera">Lens and pose.</param>
/// <param name="MissMm">Half of its points lie within so much of where the body has them, mm.</param>
/// <param name="Drawn">Where the body has every point, by name, px; those that are out of sight left out.</param>
/// <param name="MissesMm">How far each lies off, mm.</param>
public sealed record PhotoPose(PhotoCamera Camera, double MissMm, IReadOnlyDictionary<string, PicturePlace> Drawn, IReadOnlyDictionary<string, double> MissesMm);

namespace Datura.Core.Body;

/// <summary>
/// A place on skin in material coordinates: azimuth about the vertical axis of the head (radians, 0 in front, positive to
/// the wearer's left) and height v (mm) of the reference body. The same pair names the same spot of anatomy on every face.
/// </summary>
public readonly record struct SkinPoint(double AzimuthRad, double HeightMm);

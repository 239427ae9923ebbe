namespace Datura.Core.Photos;

/// <summary>A place in a picture, px from the upper left.</summary>
public sealed record PicturePlace(double X, double Y);

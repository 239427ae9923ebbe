namespace Datura.Core.Shapes;

/// <summary>A place in a picture: right and down, in any unit.</summary>
public readonly record struct PicturePoint(double X, double Y);

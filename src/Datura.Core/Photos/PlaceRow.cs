namespace Datura.Core.Photos;

/// <summary>How far a place is drawn from where one photo has it, px, and what changes that.</summary>
internal sealed record PlaceRow(int Photo, double MissX, double MissY, double[] ByCamera, Vec3 XByPlace, Vec3 YByPlace, double SpreadPx);

namespace Datura.Web;

/// <summary>A face with the revision it was read at and what its skin tone is called.</summary>
public sealed record FaceResource(string Id, int Revision, Face Face, string SkinClass, double TypologyAngleDeg, string SkinColour);

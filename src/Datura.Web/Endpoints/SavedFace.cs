namespace Datura.Web;

/// <summary>One save of a face.</summary>
public sealed record SavedFace(int Revision, DateTime SavedAt, Face Face);

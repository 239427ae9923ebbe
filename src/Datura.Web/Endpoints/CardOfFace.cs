namespace Datura.Web;

/// <summary>A wearer's card.</summary>
/// <param name="Revision">0 for one that was not kept yet.</param>
public sealed record CardOfFace(int Revision, WearerCard Card);

namespace Datura.Store;

/// <summary>A wearer's card as it is kept.</summary>
/// <param name="FaceId">Whose it is.</param>
/// <param name="Body">The card, JSON.</param>
public sealed record StoredCard(string FaceId, int Revision, string Body);

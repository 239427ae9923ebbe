namespace Datura.Store;

/// <summary>An entry of the book with what happened in the chair.</summary>
/// <param name="Events">As one JSON array, in the order in which they arrived.</param>
public sealed record StoredSession(string Id, int Revision, string Body, string Events);

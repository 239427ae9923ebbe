namespace Datura.Store;

/// <summary>An entry of the book with the bodies of what happened in the chair.</summary>
public sealed record StoredSession(string Id, int Revision, string Body, string[] Events);

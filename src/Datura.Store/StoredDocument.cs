namespace Datura.Store;

/// <summary>One revision of a document; the body is JSON.</summary>
public sealed record StoredDocument(string Id, string Name, int Revision, string Body);

namespace Datura.Store;

/// <summary>One line of a document's history.</summary>
public sealed record RevisionHead(int Revision, DateTime SavedAt);

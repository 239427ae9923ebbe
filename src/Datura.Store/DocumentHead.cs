namespace Datura.Store;

/// <summary>A document without its body.</summary>
/// <param name="RemovedAt">Since when it lies in the bin; null for one on the lists.</param>
public sealed record DocumentHead(string Id, string Name, int Revision, DateTime? RemovedAt = null);

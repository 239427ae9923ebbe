namespace Datura.Store;

/// <summary>A photo of a session, without its picture.</summary>
public sealed record StoredPhoto(string Id, DateTime TakenAt);

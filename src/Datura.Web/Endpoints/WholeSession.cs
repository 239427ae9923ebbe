namespace Datura.Web;

/// <summary>A session with everything that happened in the chair.</summary>
public sealed record WholeSession(string Id, Painting Painting, IReadOnlyList<ChairEvent> Events);

namespace Datura.Web;

/// <summary>A session that goes on, with what happened in it.</summary>
public sealed record OpenSessionResource(string Id, Painting Painting, IReadOnlyList<ChairEvent> Events);

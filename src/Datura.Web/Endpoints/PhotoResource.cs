namespace Datura.Web;

/// <summary>A photo of a session.</summary>
public sealed record PhotoResource(string Id, DateTime TakenAt);

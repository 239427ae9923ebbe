namespace Datura.Web;

/// <summary>A case as it is kept.</summary>
public sealed record CaseResource(string Id, int Revision, Case Case);

namespace Datura.Web;

/// <summary>A look with the revision it was read at.</summary>
public sealed record LookResource(string Id, int Revision, Look Look);

namespace Datura.Web;

/// <summary>A production as it is kept.</summary>
public sealed record ProductionResource(string Id, int Revision, Production Production);

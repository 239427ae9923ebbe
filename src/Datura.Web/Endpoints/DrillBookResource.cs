namespace Datura.Web;

/// <summary>A practice book as it is kept.</summary>
public sealed record DrillBookResource(string Id, int Revision, DrillBook Book);

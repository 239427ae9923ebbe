namespace Datura.Web;

/// <summary>A day at a booth as it is kept.</summary>
public sealed record DayResource(string Id, int Revision, BoothDay Day);

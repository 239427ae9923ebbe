namespace Datura.Web.Computing;

/// <summary>While it waited, a newer request of the same screen came.</summary>
public sealed class ReplacedException() : Exception("A newer request of the same screen took its place.");

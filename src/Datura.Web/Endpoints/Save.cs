namespace Datura.Web;

/// <summary>A document to be saved on top of the revision that was read.</summary>
public sealed record Save<T>(int Revision, T Document);

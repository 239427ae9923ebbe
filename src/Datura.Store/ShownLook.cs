namespace Datura.Store;

/// <summary>A look as it was drawn.</summary>
/// <param name="Key">Says what it was made of.</param>
/// <param name="Facts">JSON.</param>
public sealed record ShownLook(string Look, string Key, string Facts);

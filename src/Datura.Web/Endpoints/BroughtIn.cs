namespace Datura.Web;

/// <summary>What a studio's file brought.</summary>
/// <param name="Same">How many were here already, the very same.</param>
public sealed record BroughtIn(int Same, IReadOnlyList<BroughtInDocument> Added);

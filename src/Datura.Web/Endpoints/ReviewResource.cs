namespace Datura.Web;

/// <summary>A finished face looked over from photos.</summary>
/// <param name="Findings">The worst first.</param>
/// <param name="Figures">Every part as it came out.</param>
/// <param name="WhiteKnown">Whether colours were taken by something white.</param>
/// <param name="Rules">The character's rules that the face as painted does not keep, in words.</param>
/// <param name="RulesKept">How many it keeps.</param>
public sealed record ReviewResource(
    IReadOnlyList<ReviewFindingResource> Findings, IReadOnlyList<ReviewFigureResource> Figures, bool WhiteKnown, IReadOnlyList<string> Rules, int RulesKept);

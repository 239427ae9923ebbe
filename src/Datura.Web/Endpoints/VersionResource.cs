namespace Datura.Web;

/// <param name="Versions">Parts that are not painted in full; the computed form is called form.</param>
/// <param name="Without">Coats that are left out of parts painted otherwise in full, by the part's id.</param>
/// <param name="Kept">Share of the full picture that is kept.</param>
/// <param name="Words">What is done differently.</param>
public sealed record VersionResource(
    IReadOnlyDictionary<string, PartVersion> Versions, IReadOnlyDictionary<string, IReadOnlyList<string>> Without, double LikelySeconds, double AtConfidenceSeconds, double Kept, IReadOnlyList<string> Words);

using Datura.Core.Form;

namespace Datura.Web;

/// <summary>The computed form of a look.</summary>
/// <param name="ReadsBare">How much of the wanted form is seen without the tones, −1 to 1.</param>
/// <param name="ReadsPainted">With them.</param>
/// <param name="FinestMm">Finest width an eye resolves from the viewing distance.</param>
public sealed record FormResource(
    double BaseL, int BaseNumber, IReadOnlyList<ToneResource> Tones, IReadOnlyList<FormPlace> Places, double ReadsBare, double ReadsPainted, double DistanceM, double FinestMm,
    IReadOnlyList<string> Warnings);

using Datura.Core.Body;

namespace Datura.Web;

public sealed record MeasureResource(
    string Id, string Label, string StandardTerm, string HowTaken, MeasureGroup Group, Instrument Instrument,
    double LeastMm, double MostMm, double TypicalLowMm, double TypicalHighMm);

using Datura.Core.Body;

namespace Datura.Web;

/// <summary>A measure as photos give it.</summary>
/// <param name="PlusMinusMm">Eight times of ten the truth lies within so much of it, mm.</param>
/// <param name="Taken">The photos tell it; the others want caliper or tape.</param>
/// <param name="Instrument">What it is otherwise taken with.</param>
public sealed record PhotoMeasureResource(string Id, string Label, MeasureGroup Group, double Mm, double PlusMinusMm, bool Taken, Instrument Instrument);

namespace Datura.Web;

/// <summary>Every measure of a face that is being edited, and what is rare about those given.</summary>
/// <param name="MeasuresMm">The given ones, and the others as they follow from them.</param>
/// <param name="Notes">By measure id: a sentence for a measure that is rare beside the others and wants checking.</param>
public sealed record EstimateResource(IReadOnlyDictionary<string, double> MeasuresMm, IReadOnlyDictionary<string, string> Notes);

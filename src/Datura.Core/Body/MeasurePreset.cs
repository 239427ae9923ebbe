namespace Datura.Core.Body;

/// <summary>A set of measures to start a face from; the painter's own replace them one by one.</summary>
/// <param name="Source">Where the numbers come from.</param>
public sealed record MeasurePreset(string Id, string Label, string Source, IReadOnlyDictionary<string, double> MeasuresMm);

namespace Datura.Web;

/// <summary>Measures and tone of a face that is being edited.</summary>
public sealed record FacePreview(IReadOnlyDictionary<string, double> MeasuresMm, Lab Skin);

using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A person who is painted (not a user account).</summary>
/// <param name="MeasuresMm">By measure id; missing ones are filled by proportion.</param>
/// <param name="Skin">Colour of the bare skin, CIELAB under D65.</param>
public sealed record Face(
    string Id, [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, IReadOnlyDictionary<string, double> MeasuresMm, Lab Skin, IReadOnlyList<WearerCaution> Cautions)
{
    /// <summary>Measures that photos told, by id: eight times of ten the truth lies within so much, mm.</summary>
    public IReadOnlyDictionary<string, double> PhotoPlusMinusMm { get; init => field = value ?? new Dictionary<string, double>(); } = new Dictionary<string, double>();

    /// <summary>Colours of the bare skin by zone, as photos told them, CIELAB under D65.</summary>
    public IReadOnlyDictionary<string, Lab> SkinAt { get; init => field = value ?? new Dictionary<string, Lab>(); } = new Dictionary<string, Lab>();
}

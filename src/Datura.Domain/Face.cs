using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>A person who is painted (not a user account).</summary>
/// <param name="MeasuresMm">By measure id; missing ones are filled by proportion.</param>
/// <param name="Skin">Colour of the bare skin, CIELAB under D65.</param>
public sealed record Face(
    string Id, [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Name, IReadOnlyDictionary<string, double> MeasuresMm, Lab Skin, IReadOnlyList<WearerCaution> Cautions);

using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>How a look's form is to be painted.</summary>
/// <param name="Pretended">The lamp that the painting pretends.</param>
/// <param name="Strength">0 paints nothing, 1 what the light asks for, up to 2 for bold.</param>
/// <param name="Tones">Three to five, the base among them.</param>
/// <param name="HighlightCap">Most that a light may rise above the base, L*: "too strong looks painted on".</param>
/// <param name="Zones">Zones raised or sunk by the painter.</param>
/// <param name="LeftOut">Kept in the look, but not painted this time.</param>
/// <param name="Laid">Tool, technique, water, ground and words of its coats, by role, where they differ from the school's; how thick they go on is reckoned.</param>
/// <param name="Folds">Whether lines that stand for folds get their light side.</param>
public sealed record FormWish(
    LampPlace Pretended, [property: Range(0, 2)] double Strength = 1, [property: Range(3, 5)] int Tones = 5, [property: Range(0, 60)] double HighlightCap = 14, ShadeWith With = ShadeWith.Wash,
    IReadOnlyList<ZoneRelief>? Zones = null, bool Folds = true, bool LeftOut = false,
    IReadOnlyDictionary<string, CoatLay>? Laid = null)
{
    /// <summary>More coats than any form has.</summary>
    public const int MostLaid = 20;

    public static FormWish Usual { get; } = new(FaceLight.Pretended.Lamps[0]);

    [System.Text.Json.Serialization.JsonIgnore]
    public FaceLight PretendedLight => new([Pretended], FaceLight.Pretended.Ambient);
}

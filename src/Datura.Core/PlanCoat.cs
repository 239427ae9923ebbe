using Datura.Core.Hands;

namespace Datura.Core;

/// <param name="Risks">What goes wrong with paint so wet or so dry.</param>
/// <param name="Grain">How much skin shows between the grains of a thin coat, 0 to 1.</param>
/// <param name="Colour">What is seen of it in place, over all that lies beneath.</param>
/// <param name="OnBareSkin">What it would look like on bare skin, as it does when its area is reserved.</param>
/// <param name="TintDeltaE">ΔE00 between the two: how far what lies beneath tints it.</param>
/// <param name="OpaqueColour">What the paint looks like when nothing shines through.</param>
/// <param name="SkinShowsDeltaE">How far the coat on bare skin is from opaque, ΔE00; under 2 the skin is hidden.</param>
/// <param name="FilmShare">Of the usual film; a wash or cast is thin.</param>
/// <param name="IntoWet">Laid while the coat below is wet.</param>
/// <param name="SplitColours">Colours of a split load in order, on bare skin; empty for one colour.</param>
/// <param name="CoatsToHide">Coats of this paint that hide this skin; null when more than eight.</param>
/// <param name="UsualTool">Id of the tool it goes on with where none is chosen.</param>
public sealed record PlanCoat(
    string Role,
    string Label,
    string Paint,
    string UsualTool,
    string Tool,
    string ToolName,
    Technique Technique,
    Water Water,
    IReadOnlyList<HandRisk> Risks,
    double Grain,
    int Coats,
    double FilmUm,
    string Colour,
    Lab ColourLab,
    string OnBareSkin,
    double TintDeltaE,
    string OpaqueColour,
    double SkinShowsDeltaE,
    int? CoatsToHide,
    double AreaCm2,
    double LineMm,
    double FilmShare,
    bool IntoWet,
    IReadOnlyList<string> SplitColours);

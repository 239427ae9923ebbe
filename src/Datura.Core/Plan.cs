using Datura.Core.Body;
using Datura.Core.Caution;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>A look computed for one face, one kit and one setting. Plain data: the same input gives the same bytes.</summary>
/// <param name="CostumeEdge">The costume's edge over the chest on the chart, x and y pairs from the wearer's right to the left.</param>
public sealed record Plan(
    string Look,
    string Face,
    string Kit,
    PlanSetting Setting,
    string SkinClass,
    string SkinColour,
    IReadOnlyDictionary<string, double> MeasuresMm,
    IReadOnlyList<PlanPart> Parts,
    IReadOnlyList<PlanStep> Steps,
    double TotalSeconds,
    double WaitingSeconds,
    double PaintedCm2,
    IReadOnlyList<double> CostumeEdge,
    IReadOnlyList<CautionNote> Cautions);

/// <param name="FinestMm">Finest width an eye resolves from there.</param>
public sealed record PlanSetting(string Name, double SlotMinutes, double ViewingDistanceM, string Light, double FinestMm);

/// <summary>How the left of a part differs from its right, as the wearer has them.</summary>
/// <param name="HigherMm">How much higher the left lies (negative: lower).</param>
/// <param name="FartherOutMm">How much farther from the mid-line.</param>
public sealed record LeftRight(double LeftCm2, double RightCm2, double HigherMm, double FartherOutMm);

/// <param name="Values">Every number in force, the face's defaults included.</param>
/// <param name="Words">Every choice in force.</param>
public sealed record PlanPart(
    string Id,
    string Kind,
    string Label,
    Priority Priority,
    IReadOnlyDictionary<string, double> Values,
    IReadOnlyDictionary<string, string> Words,
    IReadOnlyList<SizeLine> Sizes,
    IReadOnlyList<string> Zones,
    IReadOnlyList<PlanMark> Marks,
    IReadOnlyList<PlanCoat> Coats,
    double Seconds,
    bool Movable,
    LeftRight? LeftRight);

/// <summary>A mark in chart mm, rounded to 0.01: rings of a region, or the path of a stroke with its widths.</summary>
/// <param name="Shape">region, stroke or dot.</param>
/// <param name="Lines">Rings or paths, each a list of x, y pairs.</param>
/// <param name="WidthsMm">Stroke widths, dot diameter, or the soft edge of a region.</param>
public sealed record PlanMark(
    string Role, Side Side, string Shape, IReadOnlyList<IReadOnlyList<double>> Lines, IReadOnlyList<double> WidthsMm);

/// <param name="Colour">What is seen of it in place, over all that lies beneath.</param>
/// <param name="OnBareSkin">What it would look like on bare skin, as it does when its area is reserved.</param>
/// <param name="TintDeltaE">ΔE00 between the two: how far what lies beneath tints it.</param>
/// <param name="OpaqueColour">What the paint looks like when nothing shines through.</param>
/// <param name="SkinShowsDeltaE">How far the coat on bare skin is from opaque, ΔE00; under 2 the skin is hidden.</param>
/// <param name="FilmShare">Of the usual film; a wash or cast is thin.</param>
/// <param name="IntoWet">Laid while the coat below is wet.</param>
/// <param name="SplitColours">Colours of a split load in order, on bare skin; empty for one colour.</param>
/// <param name="CoatsToHide">Coats of this paint that hide this skin; null when more than eight.</param>
public sealed record PlanCoat(
    string Role,
    string Label,
    string Paint,
    Tool Tool,
    string ToolName,
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

/// <param name="Lengths">The lengths that matter while doing it.</param>
public sealed record PlanStep(
    int Number,
    Stage Stage,
    string Title,
    string ToolName,
    string Paint,
    string PaintColour,
    IReadOnlyList<string> PartIds,
    IReadOnlyList<StepLength> Lengths,
    IReadOnlyList<string> Poses,
    double StartSeconds,
    double SetUpSeconds,
    double WorkSeconds,
    double WaitSeconds,
    string? WaitsFor,
    IReadOnlyList<string> Why,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<PlanLaid> Coats);

/// <summary>A coat as it is laid in a step.</summary>
/// <param name="Number">Its place among all coats of the plan, from 1.</param>
/// <param name="Colour">Seen in place.</param>
public sealed record PlanLaid(int Number, string PartId, string Part, string Coat, string Paint, string Colour);

public sealed record StepLength(string Part, SizeLine Size);

/// <summary>A plan with what pictures of it need and files do not carry.</summary>
/// <param name="Coats">The coats of each step, in the order of work.</param>
public sealed record PlannedLook(Plan Plan, FittedBody Body, Lab Skin, IReadOnlyList<IReadOnlyList<LaidCoat>> Coats)
{
    /// <summary>The parts with their marks on this body.</summary>
    public IReadOnlyList<ExpandedPart> Parts { get; init; } = [];

    /// <summary>The measured coats in the order of the look, and their colours in place.</summary>
    public IReadOnlyList<CoatJob> Jobs { get; init; } = [];

    public CoatColours? Colours { get; init; }

    /// <summary>Shades and lights, when the look asks for them.</summary>
    public FormPlan? Form { get; init; }

    /// <summary>The coats one after the other in the order of work.</summary>
    public IReadOnlyList<CoatJob> InOrder { get; init; } = [];
}

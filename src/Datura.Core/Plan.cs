using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>A look computed for one face, one kit and one setting. Plain data: the same input gives the same bytes.</summary>
/// <param name="ThisTime">What is quicker or left out, in words.</param>
/// <param name="StandIns">Colours that this kit does not hold, with what takes their place.</param>
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
    PlanTime Time,
    double WaitingSeconds,
    double PaintedCm2,
    IReadOnlyList<double> CostumeEdge,
    IReadOnlyList<CautionNote> Cautions,
    IReadOnlyList<string> ThisTime,
    IReadOnlyList<PlanStandIn> StandIns);

/// <summary>A coat of a look made with another kit.</summary>
/// <param name="Wanted">Its paints, in words.</param>
/// <param name="Instead">What stands in, in words.</param>
/// <param name="Mix">The same as data, to be taken over.</param>
/// <param name="DeltaE">ΔE00 of the opaque colours; null when the wanted colour is not known.</param>
public sealed record PlanStandIn(string PartId, string Part, string Role, string Wanted, string Instead, IReadOnlyList<PaintShare> Mix, double? DeltaE);

/// <summary>How long it takes and how sure that is.</summary>
/// <param name="LowSeconds">One sitting in ten is shorter.</param>
/// <param name="HighSeconds">One in ten is longer.</param>
/// <param name="Confidence">The share of sittings that a slot is to hold.</param>
/// <param name="AtConfidenceSeconds">That share takes no longer.</param>
public sealed record PlanTime(double LowSeconds, double HighSeconds, double Confidence, double AtConfidenceSeconds)
{
    public static PlanTime Of(DurationEstimate sitting, Setting setting) => new(
        Math.Round(sitting.Range.Low, 1), Math.Round(sitting.Range.High, 1), setting.Confidence, Math.Round(sitting.At(setting.Confidence), 1));
}

/// <summary>A pose to ask for.</summary>
public sealed record PlanPose(Pose Pose, string Words);

/// <summary>A reason for a step's place.</summary>
/// <param name="Other">The step it refers to, in words.</param>
/// <param name="GivesWayTo">Id of the stronger rule, when this one could not be kept.</param>
/// <param name="Words">All of it as a sentence.</param>
public sealed record PlanWhy(ReasonCode Code, string Rule, string? Other, string? GivesWayTo, string Words, bool Strict);

/// <summary>Why a step waits.</summary>
/// <param name="Other">The step that is still wet, in words.</param>
/// <param name="Words">All of it as a sentence.</param>
public sealed record PlanWait(WaitCode Code, string? Other, string Words);

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
    string Key,
    int Painter,
    Stage Stage,
    string Title,
    string ToolName,
    string Paint,
    string PaintColour,
    IReadOnlyList<string> PartIds,
    IReadOnlyList<StepLength> Lengths,
    IReadOnlyList<PlanPose> Poses,
    double StartSeconds,
    double SetUpSeconds,
    double WorkSeconds,
    double LowSeconds,
    double HighSeconds,
    double WaitSeconds,
    double DryingSeconds,
    PlanWait? WaitsFor,
    IReadOnlyList<string> Meanwhile,
    IReadOnlyList<PlanWhy> Why,
    bool Pinned,
    string? TiedTo,
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

    /// <summary>What binds the steps, and the steps themselves.</summary>
    public StepNetwork? Network { get; init; }

    public IReadOnlyList<Step> Steps { get; init; } = [];

    /// <summary>Shades and lights, when the look asks for them.</summary>
    public FormPlan? Form { get; init; }

    /// <summary>The coats one after the other in the order of work.</summary>
    public IReadOnlyList<CoatJob> InOrder { get; init; } = [];
}

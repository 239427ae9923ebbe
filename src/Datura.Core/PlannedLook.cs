using Datura.Core.Body;
using Datura.Core.Form;
using Datura.Core.Order;
using Datura.Core.Paint;

namespace Datura.Core;

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

namespace Datura.Core.Shapes.Kinds;

/// <summary>A patch round the eye that ends in a point past its outer corner.</summary>
public sealed class EyePatch() : DrawnKind("eyePatch", "Eye patch", Family.Creature, ["orbit", "lid", "temple"],
    [new("patch", "Patch", Stage.BodyColour, Tool.HalfRoundSponge, 1, 20)],
    [
        ParameterSpec.Length("past", "Point past the eye", "From the outer corner of the eye.", 3, 60, Of(0.26, "outerEyeDistance")),
        ParameterSpec.Length("above", "Above the lid", "From the upper lid.", 4, 34, 14),
        ParameterSpec.Length("below", "Below the lid", "From the lower lid.", 3, 34, 11),
        ParameterSpec.Angle("lift", "Lift", "Raises the point.", -30, 50, 16),
        ParameterSpec.Length("edge", "Soft edge", "Width over which it thins out.", 0.5, 12, 2, 0.5),
    ])
{
    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var (inner, outer) = (context.At("endocanthion"), context.At("exocanthion"));
        var point = body.Go(outer, context.UnevenAngle(context.Number("lift") * Math.PI / 180), context.Uneven(context.Number("past")));
        var above = body.Go(context.At("palpebrale_superius"), Math.PI / 2, context.Number("above"));
        var below = body.Go(context.At("palpebrale_inferius"), -Math.PI / 2, context.Number("below"));
        pen.Say("Point", body.LineMm([outer, point]), "mm", "past the outer corner of the eye");
        pen.Fill("patch", [
            .. Curves.Through([point, 0.45 * (above + point) + 0.1 * outer, above, inner + new Body.ChartPoint(-3, 5), inner + new Body.ChartPoint(-4, -1), 0.5 * (inner + below) + new Body.ChartPoint(0, -2), below, 0.45 * (below + point) + 0.1 * outer, point], closed: false),
        ], context.Number("edge"));
    }
}

namespace Datura.Core.Shapes.Kinds;

/// <summary>A patch round the eye that ends in a point past its outer corner.</summary>
public sealed class EyePatch() : DrawnKind("eyePatch", "Eye patch", Family.Creature, [Zone.Orbit, Zone.Lid, Zone.Temple],
    [PatchCoat], [Past, Above, Below, Lift, Edge])
{
    private static readonly NumberSpec Past = ParameterSpec.Length("past", "Point past the eye", "From the outer corner of the eye.", 3, 60, Of(0.26, "outerEyeDistance"));
    private static readonly NumberSpec Above = ParameterSpec.Length("above", "Above the lid", "From the upper lid.", 4, 34, 14);
    private static readonly NumberSpec Below = ParameterSpec.Length("below", "Below the lid", "From the lower lid.", 3, 34, 11);
    private static readonly NumberSpec Lift = ParameterSpec.Angle("lift", "Lift", "Raises the point.", -30, 50, 16);
    private static readonly NumberSpec Edge = ParameterSpec.Length("edge", "Soft edge", "Width over which it thins out.", 0.5, 12, 2, 0.5);
    private static readonly CoatRole PatchCoat = new("patch", "Patch", Stage.BodyColour, Tool.HalfRoundSponge, 1, 20);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var body = context.Body;
        var (inner, outer) = (context.At(Landmark.Endocanthion), context.At(Landmark.Exocanthion));
        var point = body.Go(outer, context.UnevenAngle(context.Number(Lift) * Math.PI / 180), context.Uneven(context.Number(Past)));
        var above = body.Go(context.At(Landmark.PalpebraleSuperius), Math.PI / 2, context.Number(Above));
        var below = body.Go(context.At(Landmark.PalpebraleInferius), -Math.PI / 2, context.Number(Below));
        pen.Say("Point", body.LineMm([outer, point]), "mm", "past the outer corner of the eye");
        pen.Fill(PatchCoat, [
            .. Curves.Through([point, 0.45 * (above + point) + 0.1 * outer, above, inner + new ChartPoint(-3, 5), inner + new ChartPoint(-4, -1),
                0.5 * (inner + below) + new ChartPoint(0, -2), below, 0.45 * (below + point) + 0.1 * outer, point], closed: false),
        ], context.Number(Edge));
    }
}

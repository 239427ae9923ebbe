namespace Datura.Core.Shapes.Kinds;

/// <summary>A fan of petals that all aim at one point of the face.</summary>
public sealed class PetalFan() : DrawnKind("petalFan", "Petal fan", Family.Ornament, [Zone.Forehead, Zone.Cheekbone, Zone.Chin, Zone.Sternum],
    [PetalCoat, LineCoat], [Focus, Count, Length, Fan, Off], sided: false)
{
    private static readonly ChoiceSpec Focus = ParameterSpec.Choice("focus", "Aims at", "The point the petals start from.", 0, "nose root", "chin", "notch of the collar bones");
    private static readonly CountSpec Count = ParameterSpec.Count("count", "Petals", "An odd number has one in the middle.", 3, 13, 7);
    private static readonly NumberSpec Length = ParameterSpec.Length("length", "Length", "Of the middle petal.", 10, 70, Of(0.2, "faceHeight"));
    private static readonly NumberSpec Fan = ParameterSpec.Angle("fan", "Fan", "Angle between the outermost.", 30, 200, 130);
    private static readonly NumberSpec Off = ParameterSpec.Length("off", "Off the point", "Where the petals begin.", 2, 30, 8);
    private static readonly CoatRole PetalCoat = new("petal", "Petals", Stage.BodyColour, Tool.Round6, 1, 60);
    private static readonly CoatRole LineCoat = Line("Outlines", Tool.Round1, goesRound: true);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var (focus, up) = context.Word(Focus) switch
        {
            "chin" => (context.At(Landmark.Gnathion) + new ChartPoint(0, 6), 1),
            "notch of the collar bones" => (context.At(Landmark.Suprasternale), -1),
            _ => (context.At(Landmark.Sellion), 1),
        };
        var count = context.Count(Count);
        for (var k = 0; k < count; k++)
        {
            var spread = (double)k / (count - 1) - 0.5;
            var heading = up * Math.PI / 2 + spread * context.Number(Fan) * Math.PI / 180;
            var length = context.Uneven(context.Number(Length)) * (1 - 0.55 * Math.Abs(spread));
            var petal = new SkinFrame(context.Body, context.Body.Go(focus, heading, context.Number(Off)), heading).Petal(length, 0.4 * length);
            pen.Fill(PetalCoat, petal);
            pen.Stroke(LineCoat, [.. petal, petal[0]], Profile.Even(1));
        }

        pen.Say("Middle petal", context.Number(Length), "mm");
    }
}

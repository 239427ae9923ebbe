namespace Datura.Core.Shapes.Kinds;

/// <summary>Uneven spots over a zone, large in the middle.</summary>
public sealed class Spots() : DrawnKind("spots", "Spots", Family.Creature, [Zone.Temple, Zone.Forehead, Zone.Cheekbone, Zone.CheekHollow, Zone.NeckSide],
    [SpotCoat], [On, Size, Apart])
{
    private static readonly ChoiceSpec On = ParameterSpec.Choice("on", "Lies on", "The zone it covers.", 0, "temple", "forehead", "cheekbone", "cheek hollow", "neck side");
    private static readonly NumberSpec Size = ParameterSpec.Length("size", "Size", "Of the largest.", 3, 22, 9);
    private static readonly NumberSpec Apart = ParameterSpec.Length("apart", "Apart", "From spot to spot.", 5, 40, 13);
    private static readonly CoatRole SpotCoat = new("spot", "Spots", Stage.BodyColour, Tool.Round5, 1, 25);

    protected override void Draw(PartContext context, MarkPen pen)
    {
        var box = context.Body.ZoneOutlines[context.Zone(On)].EnvelopeInternal;
        var apart = context.Number(Apart);
        var (row, count) = (0, 0);
        for (var y = box.MinY + apart / 3; y <= box.MaxY; y += 0.87 * apart, row++)
        {
            for (var x = (row % 2 == 0 ? 0.25 : 0.75) * apart; x <= box.MaxX; x += apart)
            {
                var at = new ChartPoint(x + 0.22 * apart * context.Design.Either(), y + 0.22 * apart * context.Design.Either());
                var size = context.Uneven(context.Number(Size)) * (0.6 + 0.4 * context.Design.Unit());
                var turn = Math.PI * context.Design.Unit();
                if (context.Body.IsOn(context.Zone(On), at))
                {
                    pen.Fill(SpotCoat, Curves.Ragged(new SkinFrame(context.Body, at, turn).Ellipse(size, 0.7 * size), 0.07 * size, context.Design), 0.8);
                    count++;
                }
            }
        }

        pen.Say("Spots a side", count, "");
        pen.Say("Largest", context.Number(Size), "mm", "across");
    }
}

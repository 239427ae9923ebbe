namespace Datura.Core.Drills;

/// <summary>What changes when a figure that was made on a card, hand or arm goes onto the face: its proportions stay, its size does not.</summary>
/// <param name="Times">So many times as large.</param>
/// <param name="WidthMm">On the face.</param>
/// <param name="HandWidthMm">Where it was practised.</param>
/// <param name="FinestMm">The finest line on the face, and where it was practised.</param>
/// <param name="AreaTimes">So many times the paint, and about the time for filling.</param>
/// <param name="Stretch">How much the skin of the face bends under it, as a share of its lengths.</param>
/// <param name="OverShare">How much of it ran over the edge where it was practised, 0 to 1.</param>
public sealed record HandToFace(double Times, double WidthMm, double HeightMm, double HandWidthMm, double HandHeightMm, double FinestMm, double HandFinestMm, double AreaTimes, double Stretch, double OverShare)
{
    public static HandToFace Of(DrillLay lay)
    {
        var figure = lay.Figure;
        return new(1 / lay.Share, figure.WidthMm, figure.HeightMm, lay.Share * figure.WidthMm, lay.Share * figure.HeightMm, figure.FinestMm, lay.Share * figure.FinestMm, 1 / (lay.Share * lay.Share), figure.Stretch, lay.OverShare);
    }
}

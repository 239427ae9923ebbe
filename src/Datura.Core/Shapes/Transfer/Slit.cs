namespace Datura.Core.Shapes.Transfer;

/// <summary>A cut from an edge of the card straight up or down to a place near its middle, chart mm.</summary>
/// <param name="FromBelow">Whether it runs in from the lower edge.</param>
public sealed record Slit(double XMm, double EndYMm, bool FromBelow)
{
    /// <summary>Whether the card is open at this height.</summary>
    public bool Opens(double yMm) => FromBelow ? yMm < EndYMm : yMm > EndYMm;
}

namespace Datura.Core.Shapes;

/// <summary>
/// A sponge or flat brush loaded with several colours side by side, in the order of a mix's shares; their parts are the widths.
/// One press lays a gradient (common practice).
/// </summary>
/// <param name="Overlap">Share of the narrower of two neighbours over which they run into each other, 0 to 1.</param>
/// <param name="AxisDeg">Which way the colours run from first to last on the wearer's left: 0 outwards, 90 up.</param>
/// <param name="Flipped">Turned over for the other side, so that the gradient is mirrored too.</param>
/// <param name="FromMiddle">From the middle of each figure outwards instead of along an axis: a glow.</param>
/// <param name="Powder">Share of the way, at the last colour's end, over which the film thins out.</param>
public sealed record SplitLoad(double Overlap = 0.5, double AxisDeg = 90, bool Flipped = true, bool FromMiddle = false, double Powder = 0)
{
    /// <summary>What lies at a share of the way: one colour, or two running into each other.</summary>
    public PaintMix At(PaintMix colours, double along)
    {
        var total = colours.Shares.Sum(s => s.Parts);
        var (place, start) = (Math.Clamp(along, 0, 1) * total, 0.0);
        for (var k = 0; k < colours.Shares.Count; k++)
        {
            var (here, end) = (colours.Shares[k], start + colours.Shares[k].Parts);
            if (k + 1 < colours.Shares.Count)
            {
                var next = colours.Shares[k + 1];
                var half = Overlap * Math.Min(here.Parts, next.Parts) / 2;
                if (place < end - half)
                {
                    return new([here with { Parts = 1 }]);
                }

                if (place < end + half)
                {
                    var share = (place - end + half) / (2 * half);
                    return new([here with { Parts = Math.Max(1 - share, 1e-6) }, next with { Parts = Math.Max(share, 1e-6) }]);
                }
            }

            start = end;
        }

        return new([colours.Shares[^1] with { Parts = 1 }]);
    }

    /// <summary>How much of the film lies at a share of the way: whole, but thinning over the powdery outer edge.</summary>
    public double FilmAt(double along)
    {
        if (Powder <= 0 || along <= 1 - Powder)
        {
            return 1;
        }

        var t = Math.Clamp((1 - along) / Powder, 0, 1);
        return t * t * (3 - 2 * t);
    }
}

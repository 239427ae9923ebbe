namespace Datura.Core.Paint;

/// <summary>What a split load leaves along its way over a figure.</summary>
public static class SplitColours
{
    /// <summary>What lies at a share of the way: one colour, or two running into each other.</summary>
    public static PaintMix At(this SplitLoad load, PaintMix colours, double along)
    {
        var total = colours.Shares.Sum(s => s.Parts);
        var (place, start) = (Math.Clamp(along, 0, 1) * total, 0.0);
        for (var k = 0; k < colours.Shares.Count; k++)
        {
            var (here, end) = (colours.Shares[k], start + colours.Shares[k].Parts);
            if (k + 1 < colours.Shares.Count)
            {
                var next = colours.Shares[k + 1];
                var half = load.Overlap * Math.Min(here.Parts, next.Parts) / 2;
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
    public static double FilmAt(this SplitLoad load, double along)
    {
        if (load.Powder <= 0 || along <= 1 - load.Powder)
        {
            return 1;
        }

        var t = Math.Clamp((1 - along) / load.Powder, 0, 1);
        return t * t * (3 - 2 * t);
    }
}

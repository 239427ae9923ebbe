using Datura.Core.Paint;

namespace Datura.Core.Review;

/// <summary>Colours of a planned face at places of the chart, in linear channels.</summary>
internal sealed class PlannedColours(PaintPicture paint)
{
    private readonly byte[] pixels = paint.Rgba();
    private const double Even = 6;

    public (double R, double G, double B) At(ChartPoint at)
    {
        var window = paint.Window;
        var (column, row) = (Math.Clamp(window.ColumnOf(at.XMm) - 0.5, 0, window.Pixels - 1.001), Math.Clamp(window.RowOf(at.YMm) - 0.5, 0, window.Pixels - 1.001));
        var (x, y) = ((int)column, (int)row);
        var (s, t) = (column - x, row - y);
        double Channel(int c)
        {
            double P(int dx, int dy) => Srgb.LinearOf(pixels[4 * ((y + dy) * window.Pixels + x + dx) + c]);
            return (1 - t) * ((1 - s) * P(0, 0) + s * P(1, 0)) + t * ((1 - s) * P(0, 1) + s * P(1, 1));
        }

        return (Channel(0), Channel(1), Channel(2));
    }

    /// <summary>The coat on top of a pixel; null for bare skin.</summary>
    public int? TopCoat(int column, int row) => column < 0 || row < 0 || column >= paint.Window.Pixels || row >= paint.Window.Pixels ? null : paint.TopCoat(column, row);

    public int? TopCoat(ChartPoint at) => TopCoat((int)Math.Floor(paint.Window.ColumnOf(at.XMm)), (int)Math.Floor(paint.Window.RowOf(at.YMm)));

    /// <summary>Whether all around a pixel is of one colour.</summary>
    public bool IsEven(int column, int row, int margin)
    {
        var side = paint.Window.Pixels;
        if (column < margin || row < margin || column >= side - margin || row >= side - margin)
        {
            return false;
        }

        var at = 4 * (row * side + column);
        for (var dy = -margin; dy <= margin; dy += margin)
        {
            for (var dx = -margin; dx <= margin; dx += margin)
            {
                var other = at + 4 * (dy * side + dx);
                if (Math.Abs(pixels[at] - pixels[other]) + Math.Abs(pixels[at + 1] - pixels[other + 1]) + Math.Abs(pixels[at + 2] - pixels[other + 2]) > 3 * Even)
                {
                    return false;
                }
            }
        }

        return true;
    }

    /// <summary>What would be seen without some coats on top.</summary>
    public (double R, double G, double B) Without(ChartPoint at, HashSet<int> coats)
    {
        var beneath = paint.CoreAt(at.XMm, at.YMm).Last(c => !coats.Contains(c.Coat));
        var (r, g, b) = Srgb.Linear(Observer.Look(beneath.Seen, Observer.D65));
        return (Math.Clamp(r, 0, 1), Math.Clamp(g, 0, 1), Math.Clamp(b, 0, 1));
    }
}

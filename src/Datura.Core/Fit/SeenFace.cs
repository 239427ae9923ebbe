using Datura.Core.Form;
using Datura.Core.Paint;

namespace Datura.Core.Fit;

/// <summary>A painted face as the audience sees it: colours per cell, run together by distance, to be told apart by ΔE00.</summary>
internal sealed class SeenFace
{
    private readonly Lab[] cells;

    private SeenFace(Lab[] cells) => this.cells = cells;

    /// <summary>What is seen in each cell of the grid.</summary>
    public IReadOnlyList<Lab> Cells => cells;

    public static SeenFace Of(IEnumerable<LaidCoat> coats, Lab skin, FormGrid grid, ChromaticAdaptation? light, double distanceM)
    {
        var picture = new PaintPicture(skin, grid.Window, light);
        picture.Lay(coats);
        var rgba = picture.Rgba();
        var half = (int)Math.Round(VisualAcuity.FinestMm(distanceM) / 2 / grid.CellMm);
        float[] Channel(int c)
        {
            var field = new float[grid.Width * grid.Height];
            for (var n = 0; n < field.Length; n++)
            {
                field[n] = Linear[rgba[4 * (n / grid.Width * grid.Window.Pixels + grid.Left + n % grid.Width) + c]];
            }

            return half > 0 ? BoxFilter.Box(field, grid.Width, grid.Height, half, passes: 2) : field;
        }

        var (r, g, b) = (Channel(0), Channel(1), Channel(2));
        var cells = new Lab[r.Length];
        // Neighbours mostly have the same colour.
        var (last, lab) = ((-1f, -1f, -1f), default(Lab));
        for (var n = 0; n < cells.Length; n++)
        {
            if ((r[n], g[n], b[n]) != last)
            {
                (last, lab) = ((r[n], g[n], b[n]), Lab.From(Srgb.ToTristimulus(r[n], g[n], b[n])));
            }

            cells[n] = lab;
        }

        return new(cells);
    }

    /// <summary>How much two faces differ: ΔE00 times mm², all told.</summary>
    public double Difference(SeenFace other, FormGrid grid)
    {
        var sum = 0.0;
        var (last, known) = ((default(Lab), default(Lab)), 0.0);
        for (var n = 0; n < cells.Length; n++)
        {
            if (cells[n] == other.cells[n])
            {
                continue;
            }

            if ((cells[n], other.cells[n]) != last)
            {
                (last, known) = ((cells[n], other.cells[n]), ColourDifference.DeltaE00(cells[n], other.cells[n]));
            }

            sum += known * grid.AreaMm2[n];
        }

        return sum;
    }

    private static readonly float[] Linear = [.. Enumerable.Range(0, 256).Select(v => (float)(v / 255.0 <= 0.04045 ? v / 255.0 / 12.92 : Math.Pow((v / 255.0 + 0.055) / 1.055, 2.4)))];
}

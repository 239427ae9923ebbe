namespace Datura.Numerics.Tests;

/// <summary>Laws of filters and distances on a raster, against slow sums written anew.</summary>
public class FieldTests
{
    private const int Width = 41;
    private const int Height = 29;

    private static float[] Noise(int seed)
    {
        var random = new Random(seed);
        return [.. Enumerable.Range(0, Width * Height).Select(_ => (float)random.NextDouble())];
    }

    [Theory]
    [InlineData(1)]
    [InlineData(3)]
    [InlineData(7)]
    public void ABoxFilterIsTheMeanOfItsBoxAwayFromTheBorder(int half)
    {
        var field = Noise(half);
        var filtered = BoxFilter.Box((float[])field.Clone(), Width, Height, half);
        for (var row = half; row < Height - half; row++)
        {
            for (var column = half; column < Width - half; column++)
            {
                var sum = 0.0;
                for (var r = row - half; r <= row + half; r++)
                {
                    for (var c = column - half; c <= column + half; c++)
                    {
                        sum += field[r * Width + c];
                    }
                }

                Assert.Equal(sum / ((2 * half + 1) * (2 * half + 1)), filtered[row * Width + column], 1e-4);
            }
        }
    }

    [Theory]
    [InlineData(2, 1)]
    [InlineData(4, 3)]
    public void ABoxFilterLeavesAnEvenFieldAloneAndNeverLeavesTheRange(int half, int passes)
    {
        Assert.All(BoxFilter.Box([.. Enumerable.Repeat(0.3f, Width * Height)], Width, Height, half, passes), v => Assert.Equal(0.3, v, 1e-5));
        var field = Noise(9);
        Assert.All(BoxFilter.Box((float[])field.Clone(), Width, Height, half, passes), v => Assert.InRange(v, field.Min() - 1e-5f, field.Max() + 1e-5f));
    }

    // Chamfer distances with two weights are off by a few per cent (Borgefors, Computer Vision, Graphics, and Image Processing 34 (1986)).
    [Fact]
    public void DistanceToTheOutsideIsNearThatOfEveryPair()
    {
        var random = new Random(4);
        var marked = new bool[Width * Height];
        for (var blob = 0; blob < 5; blob++)
        {
            int x = random.Next(4, Width - 4), y = random.Next(4, Height - 4), radius = random.Next(3, 9);
            for (var n = 0; n < marked.Length; n++)
            {
                int dx = n % Width - x, dy = n / Width - y;
                marked[n] |= dx * dx + dy * dy <= radius * radius;
            }
        }

        var found = DistanceTransform.ToOutside(marked, Width, Height);
        var outside = Enumerable.Range(0, marked.Length).Where(n => !marked[n]).ToArray();
        for (var n = 0; n < marked.Length; n++)
        {
            // At the border of the raster what lies beyond counts as outside or not; both are right.
            if (!marked[n] || n % Width is < 10 or > Width - 11 || n / Width is < 10 or > Height - 11)
            {
                continue;
            }

            var true_ = outside.Min(o => Math.Sqrt((o % Width - n % Width) * (o % Width - n % Width) + (o / Width - n / Width) * (o / Width - n / Width)));
            Assert.InRange(found[n], 0.9 * true_ - 0.6, 1.08 * true_ + 0.6);
        }

        Assert.All(outside, o => Assert.Equal(0, found[o]));
    }

    [Fact]
    public void ABoxRoundMarkedCellsHoldsThemAllAndGivesBackWhatItCut()
    {
        var marked = new bool[Width * Height];
        (int Row, int Column)[] cells = [(3, 5), (11, 30), (7, 8)];
        foreach (var (row, column) in cells)
        {
            marked[row * Width + column] = true;
        }

        var box = CellBox.Round(marked, Width, Height, 2);
        Assert.All(cells, c => Assert.True(c.Column >= box.Left + 2 && c.Column < box.Left + box.Width - 2 && c.Row >= box.Top + 2 && c.Row < box.Top + box.Height - 2));
        var field = Noise(2);
        var copy = new float[field.Length];
        box.PutBack(box.Cut(field, Width), copy, Width);
        Assert.All(cells, c => Assert.Equal(field[c.Row * Width + c.Column], copy[c.Row * Width + c.Column]));
        Assert.Equal(box.Width * box.Height, copy.Count(v => v != 0));
    }

    // A mean over a ring wraps round: nothing is lost at the seam, and a spike there spreads to both sides of it alike.
    [Fact]
    public void ASpikeAtTheSeamOfARingSpreadsToBothSides()
    {
        var ring = new double[1, 24];
        ring[0, 0] = 1;
        var blurred = GridBlur.Columns(ring, 3);
        Assert.Equal(1, blurred.Cast<double>().Sum(), 1e-9);
        Assert.True(blurred[0, 0] < 1);
        for (var away = 1; away < 12; away++)
        {
            Assert.Equal(blurred[0, away], blurred[0, 24 - away], 1e-9);
        }
    }

    [Fact]
    public void BlurringAnEvenGridChangesNothing()
    {
        var grid = new double[12, 16];
        for (var r = 0; r < 12; r++)
        {
            for (var c = 0; c < 16; c++)
            {
                grid[r, c] = 5;
            }
        }

        foreach (var value in GridBlur.Columns(grid, 3).Cast<double>().Concat(GridBlur.Rows(grid, 3).Cast<double>()))
        {
            Assert.Equal(5, value, 1e-9);
        }
    }
}

namespace Datura.Core.Form;

/// <summary>Box averages of a field of cells; beyond the edge the field goes on as it ends.</summary>
public static class Averages
{
    public static float[] Box(float[] field, int width, int height, int half, int passes = 1)
    {
        var result = (float[])field.Clone();
        if (half < 1)
        {
            return result;
        }

        for (var pass = 0; pass < passes; pass++)
        {
            Across(result, width, height, half);
            Down(result, width, height, half);
        }

        return result;
    }

    private static void Across(float[] field, int width, int height, int half) => Parallel.For(0, height, y =>
    {
        var row = field.AsSpan(y * width, width);
        var line = row.ToArray();
        double sum = (half + 1) * line[0];
        for (var k = 0; k < half; k++)
        {
            sum += line[Math.Min(k, width - 1)];
        }

        for (var x = 0; x < width; x++)
        {
            sum += line[Math.Min(x + half, width - 1)] - (x == 0 ? line[0] : line[Math.Max(x - half - 1, 0)]);
            row[x] = (float)(sum / (2 * half + 1));
        }
    });

    private static void Down(float[] field, int width, int height, int half)
    {
        var before = (float[])field.Clone();
        Span<float> Row(int y) => before.AsSpan(Math.Clamp(y, 0, height - 1) * width, width);
        var sums = new double[width];
        for (var k = -half - 1; k < half; k++)
        {
            Add(sums, Row(k), 1);
        }

        for (var y = 0; y < height; y++)
        {
            Add(sums, Row(y + half), 1);
            Add(sums, Row(y - half - 1), -1);
            for (var x = 0; x < width; x++)
            {
                field[y * width + x] = (float)(sums[x] / (2 * half + 1));
            }
        }
    }

    private static void Add(double[] sums, ReadOnlySpan<float> row, int sign)
    {
        for (var x = 0; x < sums.Length; x++)
        {
            sums[x] += sign * row[x];
        }
    }
}

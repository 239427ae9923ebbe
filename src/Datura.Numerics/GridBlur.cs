namespace Datura.Numerics;

/// <summary>Box averages over a grid that is periodic along its columns and clamped along its rows.</summary>
internal static class GridBlur
{
    public static double[,] Columns(double[,] grid, int half)
    {
        int rows = grid.GetLength(0), columns = grid.GetLength(1);
        var result = new double[rows, columns];
        for (var row = 0; row < rows; row++)
        {
            for (var i = 0; i < columns; i++)
            {
                var sum = 0.0;
                for (var k = -half; k <= half; k++)
                {
                    sum += grid[row, (i + k + columns) % columns];
                }

                result[row, i] = sum / (2 * half + 1);
            }
        }

        return result;
    }

    public static double[,] Rows(double[,] grid, int half)
    {
        int rows = grid.GetLength(0), columns = grid.GetLength(1);
        var result = new double[rows, columns];
        for (var row = 0; row < rows; row++)
        {
            for (var k = -half; k <= half; k++)
            {
                var from = Math.Clamp(row + k, 0, rows - 1);
                for (var i = 0; i < columns; i++)
                {
                    result[row, i] += grid[from, i] / (2 * half + 1);
                }
            }
        }

        return result;
    }
}

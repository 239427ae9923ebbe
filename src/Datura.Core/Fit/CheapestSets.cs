namespace Datura.Core.Fit;

/// <summary>Sets of things, chosen by what all works cost with them: thing by work.</summary>
internal static class CheapestSets
{
    /// <summary>The set of a size that costs least, every one tried.</summary>
    public static int[] Best(double[,] seconds, int size)
    {
        var (best, least) = (Enumerable.Range(0, size).ToArray(), double.PositiveInfinity);
        foreach (var set in Sets(seconds.GetLength(0), size))
        {
            var work = Work(seconds, set);
            if (work < least)
            {
                (best, least) = ([.. set], work);
            }
        }

        return best;
    }

    /// <summary>A set with the one more thing that helps most.</summary>
    public static int[] Grown(double[,] seconds, int[] set) =>
        Enumerable.Range(0, seconds.GetLength(0)).Where(t => !set.Contains(t)).Select(t => (int[])[.. set, t]).MinBy(s => Work(seconds, s)) ?? set;

    /// <summary>What all works cost with a set, each done with the cheapest of it; infinite when one cannot be done.</summary>
    public static double Work(double[,] seconds, int[] set)
    {
        var sum = 0.0;
        for (var j = 0; j < seconds.GetLength(1) && sum < double.PositiveInfinity; j++)
        {
            var least = double.PositiveInfinity;
            foreach (var t in set)
            {
                least = Math.Min(least, seconds[t, j]);
            }

            sum += least;
        }

        return sum;
    }

    // All sets of a size, in order; the same array is handed out again and again.
    private static IEnumerable<int[]> Sets(int count, int size)
    {
        var set = Enumerable.Range(0, size).ToArray();
        for (var at = size - 1; count >= size && at >= 0;)
        {
            yield return set;
            for (at = size - 1; at >= 0 && set[at] == count - size + at; at--)
            {
            }

            if (at >= 0)
            {
                set[at]++;
                for (var k = at + 1; k < size; k++)
                {
                    set[k] = set[k - 1] + 1;
                }
            }
        }
    }
}

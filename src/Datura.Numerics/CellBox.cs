namespace Datura.Numerics;

/// <summary>The smallest box of cells round marked ones: most of a body's grid is bare, and what is bare need not be reckoned.</summary>
internal readonly record struct CellBox(int Left, int Top, int Width, int Height)
{
    /// <param name="margin">Cells round the marked ones.</param>
    /// <returns>An empty box when none is marked.</returns>
    public static CellBox Round(bool[] marked, int width, int height, int margin = 0)
    {
        var (left, right, top, bottom) = (width, -1, height, -1);
        for (var row = 0; row < height; row++)
        {
            var line = marked.AsSpan(row * width, width);
            if (line.IndexOf(true) is >= 0 and var first)
            {
                (left, right) = (Math.Min(left, first), Math.Max(right, line.LastIndexOf(true)));
                (top, bottom) = (Math.Min(top, row), row);
            }
        }

        if (right < 0)
        {
            return default;
        }

        (left, top) = (Math.Max(0, left - margin), Math.Max(0, top - margin));
        return new(left, top, Math.Min(width - 1, right + margin) - left + 1, Math.Min(height - 1, bottom + margin) - top + 1);
    }

    public T[] Cut<T>(T[] field, int width)
    {
        var cut = new T[Width * Height];
        for (var row = 0; row < Height; row++)
        {
            field.AsSpan((Top + row) * width + Left, Width).CopyTo(cut.AsSpan(row * Width));
        }

        return cut;
    }

    /// <summary>Puts a cut back where it came from.</summary>
    public void PutBack<T>(T[] cut, T[] field, int width)
    {
        for (var row = 0; row < Height; row++)
        {
            cut.AsSpan(row * Width, Width).CopyTo(field.AsSpan((Top + row) * width + Left));
        }
    }
}

namespace Datura.Core.Shapes;

/// <summary>The painter's own drawing: figures and lines on a flat card whose longer side is 1, origin in its middle, y up.</summary>
public sealed record Motif(string Name, IReadOnlyList<MotifShape> Shapes)
{
    public const int MostShapes = 200;
    public const int MostPoints = 6000;

    /// <summary>What stands in the library until the painter brings a drawing: a harbour lantern.</summary>
    public static Motif Lantern { get; } = new("Lantern",
    [
        new(true, 0, [-0.2, -0.3, -0.26, 0.12, -0.12, 0.26, 0.12, 0.26, 0.26, 0.12, 0.2, -0.3]),
        new(true, 0, [-0.3, -0.42, -0.3, -0.32, 0.3, -0.32, 0.3, -0.42]),
        new(false, 0.03, [-0.12, 0.28, -0.1, 0.42, 0, 0.5, 0.1, 0.42, 0.12, 0.28]),
        new(false, 0.03, [0, 0.26, 0, -0.3]),
    ]);

    /// <summary>What is wrong with it, or null.</summary>
    public string? Problem()
    {
        if (Shapes.Count is 0 or > MostShapes)
        {
            return $"A motif has 1 to {MostShapes} figures; this one has {Shapes.Count}.";
        }

        if (Shapes.Sum(s => s.Points.Count) > 2 * MostPoints)
        {
            return $"The motif has more than {MostPoints} points. Simplify the drawing.";
        }

        return Shapes.Any(s => s.Points.Count < 4 || s.Points.Count % 2 == 1 || s.Points.Any(x => !(Math.Abs(x) <= 0.75)) || !(s.Width is >= 0 and <= 1))
            ? "The motif has a figure with too few points, or one beyond its card. Import it again."
            : null;
    }
}

/// <param name="Filled">A closed figure to be filled; otherwise a line.</param>
/// <param name="Width">Of a line, as a share of the card's longer side.</param>
/// <param name="Points">x, y pairs.</param>
public sealed record MotifShape(bool Filled, double Width, IReadOnlyList<double> Points);

using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>The painter's own drawing: figures and lines on a flat card whose longer side is 1, origin in its middle, y up.</summary>
public sealed record Motif(string Name, [property: MaxLength(Motif.MostShapes)] IReadOnlyList<MotifShape> Shapes)
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
}

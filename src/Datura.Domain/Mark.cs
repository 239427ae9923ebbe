using NetTopologySuite.Geometries;

namespace Datura.Domain;

/// <summary>Geometry that a part expands to, in chart millimetres of one body.</summary>
/// <param name="Role">Which of the part's coats it carries.</param>
/// <param name="Side">Side of the wearer.</param>
public abstract record Mark(string Role, Side Side)
{
    /// <summary>The upright box on the chart that holds its points.</summary>
    public abstract Envelope Box();

    /// <summary>Filled mm² or drawn mm on the skin, if it was measured when it was drawn; a mark that is changed loses it.</summary>
    public double? OnSkin { get; init; }

    /// <summary>Middle of the box round several marks, or null when there are none.</summary>
    public static ChartPoint? Middle(IEnumerable<Mark> marks)
    {
        var box = new Envelope();
        foreach (var mark in marks)
        {
            box.ExpandToInclude(mark.Box());
        }

        return box.IsNull ? null : new(box.Centre.X, box.Centre.Y);
    }
}

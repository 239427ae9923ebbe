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

/// <summary>A closed figure to be filled.</summary>
/// <param name="EdgeMm">Width over which the film thins out at the outline; half of it lies outside.</param>
/// <param name="Fade">Optional thinning down the body.</param>
public sealed record RegionMark(string Role, Side Side, Geometry Outline, double EdgeMm, Fade? Fade = null) : Mark(Role, Side)
{
    /// <summary>What is left bare for other parts, up to a clean edge; the outline is already without it.</summary>
    public Reserve? Reserve { get; init; }

    public override Envelope Box() => Outline.EnvelopeInternal;
}

/// <summary>Areas spared from a coat.</summary>
/// <param name="Whole">The coat's outline as it would be without them: their edges are clean, however soft its own is.</param>
public sealed record Reserve(Geometry Whole, Geometry Spared)
{
    /// <summary>A sponge is held off by hand to about this (common practice).</summary>
    public const double EdgeMm = 1;
}

/// <summary>The film is whole above one chart height and gone below another, mm.</summary>
public sealed record Fade(double WholeAboveYMm, double GoneBelowYMm)
{
    /// <summary>Share of the film at a chart height, 0 to 1.</summary>
    public double At(double yMm) => Math.Clamp((yMm - GoneBelowYMm) / (WholeAboveYMm - GoneBelowYMm), 0, 1);
}

/// <summary>A drawn line with its width at every point, mm.</summary>
public sealed record StrokeMark(string Role, Side Side, IReadOnlyList<ChartPoint> Path, IReadOnlyList<double> WidthsMm) : Mark(Role, Side)
{
    public override Envelope Box()
    {
        var box = new Envelope();
        foreach (var p in Path)
        {
            box.ExpandToInclude(p.XMm, p.YMm);
        }

        return box;
    }
}

/// <summary>A single touch of the brush.</summary>
public sealed record DotMark(string Role, Side Side, ChartPoint At, double DiameterMm) : Mark(Role, Side)
{
    public override Envelope Box() => new(new Coordinate(At.XMm, At.YMm));
}

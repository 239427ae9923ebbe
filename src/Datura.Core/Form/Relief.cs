using Datura.Core.Body;
using Datura.Core.Paint;

namespace Datura.Core.Form;

/// <summary>Heights over the skin that the character should seem to have, mm per cell of a grid.</summary>
public sealed class Relief
{
    private Relief(FormGrid grid) => (Grid, Mm) = (grid, new float[grid.Width * grid.Height]);

    public FormGrid Grid { get; }

    public float[] Mm { get; }

    /// <summary>Whether there is any.</summary>
    public bool IsFlat => Array.TrueForAll(Mm, h => h == 0);

    public static Relief None(FormGrid grid) => new(grid);

    /// <summary>A relief given by a formula, for shapes that are known.</summary>
    public static Relief Of(FormGrid grid, Func<ChartPoint, double> mm)
    {
        var relief = new Relief(grid);
        for (var row = 0; row < grid.Height; row++)
        {
            for (var column = 0; column < grid.Width; column++)
            {
                relief.Mm[row * grid.Width + column] = (float)mm(grid.Middle(row, column));
            }
        }

        return relief;
    }

    /// <summary>What parts carry by their kind or by the painter's word, and the zones that are raised or sunk.</summary>
    public static Relief Of(FormGrid grid, FittedBody body, IReadOnlyList<ExpandedPart> parts, IReadOnlyList<ZoneRelief> zones)
    {
        var relief = new Relief(grid);
        foreach (var part in parts)
        {
            foreach (var (role, mm, falloff) in KindRelief.Of(part.Kind, part.Part.ReliefMm))
            {
                relief.Add([.. part.Marks.Marks.Where(m => m.Role == role.Id)], mm, falloff);
            }
        }

        foreach (var zone in zones)
        {
            var whole = body.ZoneOutlines[Zones.Find(zone.Zone) ?? throw new ArgumentException($"There is no zone called {zone.Zone}.")];
            var outline = zone.Side == Side.Middle ? whole : whole.Intersection(Half(zone.Side));
            relief.Add([new RegionMark("zone", zone.Side, outline, 0.5)], zone.Mm, zone.FalloffMm);
        }

        return relief;
    }

    private void Add(IReadOnlyList<Mark> marks, double mm, double falloffMm)
    {
        if (mm == 0 || marks.Count == 0)
        {
            return;
        }

        // The film share of a soft edge is just the fall-off wanted here.
        Mark[] soft = [.. marks.Select(m => m is RegionMark r ? r with { EdgeMm = falloffMm, Fade = null } : m)];
        var map = CoverageMap.Of(soft, Grid.Window);
        for (var y = 0; y < Math.Min(map.Height, Grid.Height - map.Top); y++)
        {
            for (var x = Math.Max(0, Grid.Left - map.Left); x < Math.Min(map.Width, Grid.Left + Grid.Width - map.Left); x++)
            {
                Mm[(map.Top + y) * Grid.Width + map.Left + x - Grid.Left] += (float)(mm * map.Level[y * map.Width + x] / (CoverageMap.Levels - 1));
            }
        }
    }

    private static NetTopologySuite.Geometries.Geometry Half(Side side)
    {
        var (from, to) = side == Side.Left ? (0, 900) : (-900, 0);
        return Curves.Polygon([new(from, -900), new(to, -900), new(to, 900), new(from, 900)]);
    }
}

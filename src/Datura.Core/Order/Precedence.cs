using Datura.Core.Shapes;
using NetTopologySuite.Geometries.Prepared;

namespace Datura.Core.Order;

/// <summary>Which group of coats must come before which, and why. Rules: common practice, each named.</summary>
public static class Precedence
{
    public const string BaseUnderAll = "the base goes under what lies on it";
    public const string MapFirst = "the map is drawn before paint";
    public const string LightBeforeDark = "light before dark";
    public const string LinesLast = "lines last, all in one go";
    public const string HighlightsAfterLines = "highlights after lines";
    public const string StageOrder = "depth, then colour, where they overlap";

    /// <returns>The rule that puts a before b, or null when they are free.</returns>
    public static string? Rule(CoatGroup a, CoatGroup b, bool overlap)
    {
        if (a.Stage == Stage.Map && b.Stage != Stage.Map)
        {
            return MapFirst;
        }

        if (b.Stage == Stage.Highlight && a.Stage == Stage.Line)
        {
            return HighlightsAfterLines;
        }

        if (b.Stage == Stage.Line && a.Stage is (Stage.Base or Stage.Depth or Stage.BodyColour))
        {
            return LinesLast;
        }

        if (overlap && a.Stage == Stage.Base && b.Stage > Stage.Base)
        {
            return BaseUnderAll;
        }

        if (overlap && a.Stage < b.Stage)
        {
            return StageOrder;
        }

        return overlap && a.Stage == b.Stage && (a.FirstRole, -a.Lightness, a.FirstPart).CompareTo((b.FirstRole, -b.Lightness, b.FirstPart)) < 0
            ? LightBeforeDark
            : null;
    }
}

/// <summary>Coats of one stage that share tool and load.</summary>
public sealed class CoatGroup(IReadOnlyList<CoatJob> jobs)
{
    public IReadOnlyList<CoatJob> Jobs => jobs;

    public Stage Stage => jobs[0].Role.Stage;

    public Tool Tool => jobs[0].Tool;

    public string Load => jobs[0].Load;

    public double Lightness => jobs[0].Lightness;

    public int FirstPart => jobs.Min(j => j.PartIndex);

    /// <summary>A part's second coat role lies on its first: hearts on sockets, deep lines on shades.</summary>
    public int FirstRole => jobs.Max(j => j.Role.Optional ? 1 : 0);

    public double WorkSeconds => jobs.Sum(j => j.WorkSeconds);

    public double DryingSeconds => jobs.Max(j => j.DryingSeconds);

    public IReadOnlyList<string> Zones => [.. jobs.SelectMany(j => j.Zones).Distinct()];

    public bool Overlaps(CoatGroup other) => jobs.Any(a => other.Jobs.Any(b =>
        a.Footprint.EnvelopeInternal.Intersects(b.Footprint.EnvelopeInternal)
        && PreparedGeometryFactory.Prepare(a.Footprint).Intersects(b.Footprint)));
}

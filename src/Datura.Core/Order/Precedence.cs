using Datura.Core.Shapes;

namespace Datura.Core.Order;

/// <summary>Which group of coats must come before which, and why. Rules: common practice, each named.</summary>
public static class Precedence
{
    public const string BaseUnderAll = "the base goes under what lies on it";
    public const string MapFirst = "the map is drawn before paint";
    public const string LightBeforeDark = "light before dark";
    public const string LayerOrder = "what lies within a part goes on after what it lies on";
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

        return overlap && a.Stage == b.Stage && (a.Layer, -a.Lightness, a.FirstPart).CompareTo((b.Layer, -b.Lightness, b.FirstPart)) < 0
            ? a.Layer < b.Layer ? LayerOrder : LightBeforeDark
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

    /// <summary>A part's second coat of a stage lies on its first: hearts on sockets, teeth in a mouth, an iris on its ball.</summary>
    public int Layer => jobs.Max(j => j.Layer);

    public bool IntoWet => jobs[0].Lay.IntoWet;

    public double WorkSeconds => jobs.Sum(j => j.WorkSeconds);

    public double DryingSeconds => jobs.Max(j => j.DryingSeconds);

    public IReadOnlyList<string> Zones => [.. jobs.SelectMany(j => j.Zones).Distinct()];

    public bool Overlaps(CoatGroup other) => jobs.Any(a => other.Jobs.Any(b => a.Footprint.Overlaps(b.Footprint)));
}

using Datura.Core.Hands;

namespace Datura.Core.Order;

/// <summary>Coats of one stage that share tool and load: one step.</summary>
public sealed class CoatGroup
{
    public CoatGroup(IReadOnlyList<CoatJob> jobs)
    {
        Jobs = jobs;
        Zones = [.. jobs.SelectMany(j => j.Zones).Distinct()];
        Poses = Datura.Core.Order.Poses.For(Zones, jobs.Any(j => j.Footprint.OnLeft), jobs.Any(j => j.Footprint.OnRight), jobs[0].Pace.OnOneself);
        FirstLidDriesSeconds = Poses.Contains(Pose.OneLidClosed) ? jobs.Where(OnBothLids).Select(j => j.DryingSeconds).DefaultIfEmpty(0).Max() : 0;
        WorkSeconds = jobs.Sum(j => j.WorkSeconds) + FirstLidDriesSeconds;
    }

    public IReadOnlyList<CoatJob> Jobs { get; }

    /// <summary>Name of the step as long as its first coat is there.</summary>
    public string Key => Jobs[0].Key;

    public Stage Stage => Jobs[0].Role.Stage;

    /// <summary>The stage of the look it is in, from 0.</summary>
    public int InStage => Jobs[0].InStage;

    public ToolDescription Tool => Jobs[0].Hand.Tool;

    public string Load => Jobs[0].Load;

    public double Lightness => Jobs[0].Lightness;

    public int FirstPart => Jobs.Min(j => j.PartIndex);

    /// <summary>A part's second coat of a stage lies on its first: hearts on sockets, teeth in a mouth, an iris on its ball.</summary>
    public int Layer => Jobs.Max(j => j.Layer);

    public bool IntoWet => Jobs[0].Lay.IntoWet;

    public bool OnDamp => Jobs[0].OnDamp;

    public bool StaysDamp => Jobs[0].StaysDamp;

    public bool Reserved => Jobs.All(j => j.Reserved);

    /// <summary>Laid with a tool that does not stop at a line: sponges and the soft brush.</summary>
    public bool IsBroad => ToolForms.IsBroad(Tool.Form);

    /// <summary>Whether its kind lays it so: what lies on what does not change with the tool in hand.</summary>
    public bool IsUsuallyBroad => ToolForms.IsBroad(UsualTools.Find(Jobs[0].Role.Tool).Form);

    /// <summary>Mean size of its figures, mm².</summary>
    public double FigureMm2 => Jobs.Average(j => j.FigureMm2);

    /// <summary>Strokes, and what is done before and after them.</summary>
    public double WorkSeconds { get; }

    /// <summary>Of whoever paints both of her own lids: the first must be dry before she can open it and look at the other.</summary>
    public double FirstLidDriesSeconds { get; }

    private static bool OnBothLids(CoatJob job) => job.Zones.Contains(Zone.Lid) && job.Footprint is { OnLeft: true, OnRight: true };

    public double DryingSeconds => Jobs.Max(j => j.DryingSeconds);

    public IReadOnlyList<Zone> Zones { get; }

    public IReadOnlyList<Pose> Poses { get; }

    public bool OnLipsOnly => Stage == Stage.BodyColour && Zones.Contains(Zone.Lips) && Zones.All(z => z is Zone.Lips or Zone.UpperLip or Zone.Chin);

    /// <summary>In words, for waits and reasons.</summary>
    public string Words
    {
        get
        {
            var job = Jobs[0];
            return Stage == Stage.Map ? "the map" : job.Role.Label == job.PartLabel ? job.PartLabel.ToLowerInvariant() : $"{job.PartLabel.ToLowerInvariant()}, {job.Role.Label.ToLowerInvariant()}";
        }
    }
}

namespace Datura.Core.Order;

/// <summary>How fast this painter works: the usual rates with the painter's own in their place.</summary>
/// <param name="Own">Own values by the rate's id; the others stay as usual.</param>
public sealed record Pace(IReadOnlyDictionary<string, double> Own)
{
    public static Pace Usual { get; } = new(new Dictionary<string, double>());

    /// <summary>Painting oneself: before a mirror, with the arm up.</summary>
    public bool OnOneself { get; init; }

    /// <summary>Times learned from the book, in place of the painter's own values; null for none.</summary>
    public LearnedTimes? Learned { get; init; }

    public bool IsUsual => Own.Count == 0 && !OnOneself && Learned is null;

    /// <summary>How far times are off.</summary>
    public WorkSpread Spread => Learned?.Spread ?? WorkSpread.Usual;

    private double Slower => OnOneself ? Learned?.OnOneself ?? Rates.OnOneself : 1;

    public double Of(string id) => Slower * (Learned is not null ? Rates.Find(id).Usual * (Rates.IsSetUp(id) ? Learned.SetUp : 1) : Own.TryGetValue(id, out var own) ? own : Rates.Find(id).Usual);

    /// <summary>How much longer than usual strokes with a hand take, beside what the rates say.</summary>
    public double OfHand(string hand) => Learned?.Of(hand) ?? 1;

    public ToolDescription Of(ToolDescription tool)
    {
        double Own(string rate, double value) => Learned is null && this.Own.TryGetValue(Rates.Id(tool.Id, rate), out var own) ? own : value;
        return this.Own.Count == 0 && !OnOneself ? tool
            : tool with { AreaCm2PerMinute = Own(Rates.Area, tool.AreaCm2PerMinute) / Slower, LineMmPerSecond = Own(Rates.Line, tool.LineMmPerSecond) / Slower };
    }

    /// <summary>Own rates that cannot be.</summary>
    public IEnumerable<Problem> Problems()
    {
        foreach (var (id, value) in Own)
        {
            if (Rates.All.FirstOrDefault(r => r.Id == id) is not { } rate)
            {
                yield return Problem.Of($"rates.{id}", ProblemCode.NoSuchRate, ("rate", id));
            }
            else if (!(value >= rate.Least && value <= rate.Most))
            {
                yield return Problem.Of($"rates.{id}", ProblemCode.RateOutOfRange, ("rate", rate.Label), ("value", value), ("unit", rate.Unit), ("least", rate.Least), ("most", rate.Most),
                    ("usual", rate.Usual));
            }
        }
    }
}

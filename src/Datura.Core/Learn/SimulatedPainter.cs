namespace Datura.Core.Learn;

/// <summary>
/// A painter who is not there: a stand-in that paints sessions with times that are known, so that what is learned from them can be held against
/// the truth, and a demo has a book to show. Invented, all of it.
/// </summary>
/// <param name="Name">As the book calls her.</param>
/// <param name="Hands">How much longer than usual she takes, by hand; 1 for those not named.</param>
/// <param name="SetUp">The same for taking up tool and paint.</param>
/// <param name="Practice">Exponent of the power law by which she gets quicker at a look; 0 for not at all.</param>
public sealed record SimulatedPainter(string Name, IReadOnlyDictionary<string, double> Hands, double SetUp, double Practice = 0)
{
    /// <summary>How far single steps are off, of the logarithm.</summary>
    public double StepSpread { get; init; } = 0.25;

    /// <summary>How far whole days are off, likewise.</summary>
    public double DaySpread { get; init; } = 0.08;

    /// <summary>Share of steps in which she is interrupted.</summary>
    public double Interrupted { get; init; }

    public double Of(string hand) => Hands.TryGetValue(hand, out var own) ? own : 1;

    /// <summary>What happens in the chair while she paints all steps of a session.</summary>
    /// <param name="session">Names the events.</param>
    /// <param name="nth">How often she painted this look, this time included.</param>
    public IReadOnlyList<ChairEvent> Paints(IReadOnlyList<ChairStep> steps, string session, DateTimeOffset at, int nth, Random random)
    {
        double Normal(double sd) => MathNet.Numerics.Distributions.Normal.Sample(random, 0, sd);
        var (events, now) = (new List<ChairEvent>(), at);
        void Happens(ChairEventKind kind, string? step = null) => events.Add(new($"{session}-{events.Count + 1}", session, events.Count + 1, now, kind, step));
        Happens(ChairEventKind.Begun);
        var day = Normal(DaySpread);
        foreach (var step in steps)
        {
            var quicker = Math.Pow(nth, -Practice) * Math.Exp(day + Normal(StepSpread));
            var taken = quicker * (Of(step.Hand) * step.UsualWorkSeconds + SetUp * step.UsualSetUpSeconds) + step.WaitSeconds;
            taken *= random.NextDouble() < Interrupted ? 2 + 2 * random.NextDouble() : 1;
            now = now.AddMilliseconds(Math.Round(1000 * taken));
            Happens(ChairEventKind.StepDone, step.Key);
        }

        Happens(ChairEventKind.Ended);
        return events;
    }
}

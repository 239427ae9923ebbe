namespace Datura.Core.Chair;

/// <summary>Plays a session's events through. Whatever comes, in whatever order: what makes no sense is passed over.</summary>
internal sealed class ChairRun(IReadOnlyList<ChairStep> planned)
{
    private readonly List<(DateTimeOffset From, DateTimeOffset? To)> pauses = [];
    private readonly Dictionary<int, double> laneFrom = [];
    private readonly List<string> notes = [];
    private readonly HashSet<string> dropped = [];
    private readonly List<Entry> steps = [.. planned.DistinctBy(s => s.Key).Select(s => new Entry(s))];

    public DateTimeOffset? BeganAt { get; private set; }

    public DateTimeOffset? EndedAt { get; private set; }

    public string? StoppedAt { get; private set; }

    public DateTimeOffset LastHeard { get; private set; }

    public int Ignored { get; private set; }

    public bool IsPaused => pauses.Count > 0 && pauses[^1].To is null;

    public IReadOnlyList<string> Notes => notes;

    public IReadOnlyList<(DateTimeOffset From, DateTimeOffset? To)> Pauses => pauses;

    public IReadOnlyDictionary<int, double> LaneFrom => laneFrom;

    public IReadOnlyList<ChairStepState> Steps => [.. steps.Select(s => new ChairStepState(s.Step, s.Status, s.TakenSeconds, s.Redone, s.DoneAt, s.LeftSeconds))];

    public void Take(ChairEvent one)
    {
        LastHeard = one.At;
        if (one.Kind == ChairEventKind.Noted)
        {
            notes.Add(one.Words ?? "");
            return;
        }

        if ((BeganAt is null) != (one.Kind == ChairEventKind.Begun) || EndedAt is not null || !Taken(one))
        {
            Ignored++;
        }
    }

    /// <summary>Seconds from the beginning without pauses.</summary>
    public static double Worked(DateTimeOffset began, IReadOnlyList<(DateTimeOffset From, DateTimeOffset? To)> pauses, DateTimeOffset now) =>
        Math.Max(0, (now - began).TotalSeconds) - pauses.Where(p => p.From < now).Sum(p => ((p.To is { } to && to < now ? to : now) - p.From).TotalSeconds);

    /// <returns>Whether it changed anything.</returns>
    private bool Taken(ChairEvent one)
    {
        switch (one.Kind)
        {
            case ChairEventKind.Begun:
                BeganAt = one.At;
                return true;
            case ChairEventKind.Paused when !IsPaused:
                pauses.Add((one.At, null));
                return true;
            case ChairEventKind.Resumed when IsPaused:
                pauses[^1] = (pauses[^1].From, one.At);
                return true;
            case ChairEventKind.Stopped:
                StoppedAt = one.Words ?? "";
                return End(one.At);
            case ChairEventKind.Ended:
                return End(one.At);
            case ChairEventKind.PartsDropped:
                dropped.UnionWith(one.Parts);
                return Weigh();
            case ChairEventKind.PartsTakenBack:
                dropped.ExceptWith(one.Parts);
                return Weigh();
            default:
                return steps.Find(s => s.Step.Key == one.Step) is { } step && TakenOf(step, one);
        }
    }

    private bool TakenOf(Entry step, ChairEvent one)
    {
        var worked = Worked(BeganAt!.Value, pauses, one.At);
        switch (one.Kind)
        {
            case ChairEventKind.StepDone when step.Status == StepStatus.Open:
                // Of two painters each has a clock of her own: from her last step to this one.
                step.FromSeconds = laneFrom.GetValueOrDefault(step.Step.Painter);
                step.LastSeconds = Math.Max(0, worked - step.FromSeconds);
                step.TakenSeconds += step.LastSeconds;
                (step.Status, step.DoneAt) = (StepStatus.Done, one.At);
                laneFrom[step.Step.Painter] = worked;
                return true;
            case ChairEventKind.StepSkipped when step.Status == StepStatus.Open:
                step.Status = StepStatus.Skipped;
                return true;
            case ChairEventKind.StepUndone when step.Status is StepStatus.Done:
                step.TakenSeconds -= step.LastSeconds;
                step.DoneAt = null;
                // The last one done goes on as if nobody had tapped; of an earlier one the time since belongs to others.
                if (steps.Where(s => s.Step.Painter == step.Step.Painter && s.Status == StepStatus.Done).MaxBy(s => s.FromSeconds + s.LastSeconds) == step)
                {
                    laneFrom[step.Step.Painter] = step.FromSeconds;
                }

                step.Status = StepStatus.Open;
                return true;
            case ChairEventKind.StepUndone when step.Status is StepStatus.Skipped:
                step.Status = StepStatus.Open;
                return true;
            case ChairEventKind.StepWiped when step.Status == StepStatus.Done:
                step.Status = StepStatus.Open;
                step.Redone++;
                return true;
            case ChairEventKind.StepMoved when step.Status == StepStatus.Open:
                var before = steps.FindIndex(s => s.Step.Key == one.Other);
                if (before < 0 || steps[before] == step || steps[before].Status != StepStatus.Open || steps[before].Step.Painter != step.Step.Painter)
                {
                    return false;
                }

                var other = steps[before];
                steps.Remove(step);
                steps.Insert(steps.IndexOf(other), step);
                return true;
            default:
                return false;
        }
    }

    private bool End(DateTimeOffset at)
    {
        if (IsPaused)
        {
            pauses[^1] = (pauses[^1].From, at);
        }

        EndedAt = at;
        return true;
    }

    // What is on the skin stays there; of a step that lays several coats only some may be left out.
    private bool Weigh()
    {
        var changed = false;
        foreach (var step in steps.Where(s => s.Status is StepStatus.Open or StepStatus.Dropped))
        {
            var left = ChairStepState.Left(step.Step, dropped);
            var status = left is null ? StepStatus.Dropped : StepStatus.Open;
            changed |= status != step.Status || (left ?? 0) != step.LeftSeconds;
            (step.Status, step.LeftSeconds) = (status, left ?? 0);
        }

        return changed;
    }

    private sealed class Entry(ChairStep step)
    {
        public ChairStep Step { get; } = step;

        public StepStatus Status { get; set; }

        public double LeftSeconds { get; set; } = step.Seconds;

        public double TakenSeconds { get; set; }

        public double FromSeconds { get; set; }

        public double LastSeconds { get; set; }

        public int Redone { get; set; }

        public DateTimeOffset? DoneAt { get; set; }
    }
}

namespace Datura.Core.Learn;

/// <summary>A piece of work that was timed.</summary>
/// <param name="Hand">What it was done with: tool and technique.</param>
/// <param name="PlannedSeconds">Its strokes at the usual rates.</param>
/// <param name="TakenSeconds">All of it by the clock.</param>
public sealed record TimedWork(string Hand, double PlannedSeconds, double TakenSeconds)
{
    /// <summary>Setting up at the usual rates, within what was taken.</summary>
    public double SetUpSeconds { get; init; }

    /// <summary>Waiting as it was planned, within what was taken.</summary>
    public double WaitSeconds { get; init; }

    /// <summary>Whether she painted herself.</summary>
    public bool OnOneself { get; init; }

    /// <summary>The session it was in, whose good or bad day it shares; null for none.</summary>
    public string? Session { get; init; }

    /// <summary>All of it as usual.</summary>
    public double UsualSeconds => PlannedSeconds + SetUpSeconds + WaitSeconds;

    /// <summary>Whether anything can be learned from it.</summary>
    public bool Tells => double.IsFinite(UsualSeconds) && double.IsFinite(TakenSeconds) && PlannedSeconds > 0 && SetUpSeconds >= 0 && WaitSeconds >= 0 && TakenSeconds > 0;

    /// <summary>By how much it took longer than usual, as a logarithm.</summary>
    public double LogRatio => Math.Log(TakenSeconds / UsualSeconds);
}

namespace Datura.Core.Learn;

/// <summary>A piece of work that was timed.</summary>
/// <param name="Hand">What it was done with: tool and technique, or the name of a set-up or wait.</param>
/// <param name="PlannedSeconds">By the usual rates.</param>
/// <param name="TakenSeconds">By the clock.</param>
public sealed record TimedWork(string Hand, double PlannedSeconds, double TakenSeconds)
{
    /// <summary>Whether anything can be learned from it.</summary>
    public bool Tells => double.IsFinite(PlannedSeconds) && double.IsFinite(TakenSeconds) && PlannedSeconds > 0 && TakenSeconds > 0;

    /// <summary>By how much it took longer than planned, as a logarithm.</summary>
    public double LogRatio => Math.Log(TakenSeconds / PlannedSeconds);
}

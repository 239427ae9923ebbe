namespace Datura.Domain;

/// <summary>A painter's own times as plans reckon with them: shares of what is usual.</summary>
/// <param name="Hands">By tool and technique.</param>
/// <param name="Other">Of a hand that was never timed.</param>
/// <param name="SetUp">Of taking up tool and paint, and of poses.</param>
/// <param name="OnOneself">How much longer everything takes on oneself.</param>
/// <param name="Spread">How far single steps and whole days are off.</param>
public sealed record LearnedTimes(IReadOnlyDictionary<string, double> Hands, double Other, double SetUp, double OnOneself, WorkSpread Spread)
{
    public double Of(string hand) => Hands.TryGetValue(hand, out var own) ? own : Other;
}

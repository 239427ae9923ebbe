namespace Datura.Core.Hands;

/// <summary>What goes wrong when paint is wetter or drier than the technique wants (common practice).</summary>
public enum HandRisk
{
    Streaks,
    Bleeds,
    Runs,
    Drags,
}

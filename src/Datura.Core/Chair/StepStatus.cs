namespace Datura.Core.Chair;

/// <summary>How far a step is.</summary>
public enum StepStatus
{
    Open,
    Done,
    Skipped,

    /// <summary>Left out with its parts.</summary>
    Dropped,
}

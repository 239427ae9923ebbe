namespace Datura.Core.Characters;

/// <summary>What a look says to a rule.</summary>
public enum RuleState
{
    Met,
    Off,
    NotDecided,
}

namespace Datura.Core.Supply;

/// <summary>What one face takes of one tool.</summary>
/// <param name="Tool">Id in the kit.</param>
/// <param name="EachTime">Clean ones for each face: sponges and puffs, one for every colour.</param>
/// <param name="AtOnce">Those that stay in the hand and are wiped.</param>
public sealed record ToolUse(string Tool, string Name, ToolForm Form, int EachTime, int AtOnce);

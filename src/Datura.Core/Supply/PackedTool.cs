namespace Datura.Core.Supply;

/// <summary>One kind of tool of a packed case.</summary>
/// <param name="Count">How many go along.</param>
/// <param name="Fresh">A clean one for every colour and face; otherwise it is wiped and goes on.</param>
public sealed record PackedTool(string Tool, string Name, ToolForm Form, int Count, bool Fresh)
{
    /// <summary>What does where it is missing; null for nothing as good.</summary>
    public string? Instead { get; init; }
}

namespace Datura.Core.Supply;

/// <summary>A set of tools that can do all of a menu.</summary>
/// <param name="Tools">Their names.</param>
/// <param name="Minutes">Of brush on skin, of all faces.</param>
/// <param name="LostMinutes">Of one face in the mean, against all tools of the kit.</param>
/// <param name="Exact">Whether every set of so many was tried.</param>
public sealed record FewTools(IReadOnlyList<string> Tools, double Minutes, double LostMinutes, bool Exact);

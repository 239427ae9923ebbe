namespace Datura.Core.Calls;

/// <summary>Where a task was put.</summary>
/// <param name="Hand">Index of the painter.</param>
/// <param name="Start">Minute after midnight.</param>
/// <param name="Minutes">Of painting, with the reserve.</param>
public readonly record struct PlacedCall(int Hand, int Start, int Minutes);

namespace Datura.Web;

/// <summary>Heights of a relief along the tape.</summary>
/// <param name="AlongMm">Tape from its start.</param>
/// <param name="HeightMm">Over the skin at each.</param>
public sealed record ProfileResource(IReadOnlyList<double> AlongMm, IReadOnlyList<double> HeightMm);

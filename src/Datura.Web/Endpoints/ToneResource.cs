namespace Datura.Web;

/// <summary>A tone of the map, with its outline on the chart.</summary>
/// <param name="Change">L* against the base.</param>
/// <param name="AreaCm2">Seen of it, on the skin.</param>
public sealed record ToneResource(int Number, bool IsLight, double Change, double AreaCm2, string Paint, double FilmUm, IReadOnlyList<IReadOnlyList<double>> Rings);

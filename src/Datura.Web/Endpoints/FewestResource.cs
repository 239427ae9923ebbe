namespace Datura.Web;

public sealed record FewestResource(IReadOnlyList<string> Paints, bool Proven, IReadOnlyList<FewestColour> Colours);

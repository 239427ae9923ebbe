namespace Datura.Core.Form;

/// <summary>What the paints at hand can reach from the base, L*.</summary>
public sealed record ToneBounds(double DarkestL, double LightestL);

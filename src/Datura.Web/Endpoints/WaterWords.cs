namespace Datura.Web;

/// <param name="Says">How to tell on the hand, and what goes wrong.</param>
public sealed record WaterWords(Water Water, string Label, string Says);

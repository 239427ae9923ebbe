namespace Datura.Core.Paint;

/// <summary>A light as relative spectral power.</summary>
public sealed record Lamp(string Id, string Name, double[] Power);

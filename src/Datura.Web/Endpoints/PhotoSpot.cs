namespace Datura.Web;

/// <summary>A spot of a photo and something white in the same light, mean red, green and blue of each, 0 to 255.</summary>
public sealed record PhotoSpot(double[] Spot, double[] White, double? WhiteReflectance);

namespace Datura.Web;

/// <summary>A spot of a photo and something white in the same light, mean red, green and blue of each, 0 to 255.</summary>
/// <param name="White">Null where nothing in the picture is known to be white: the colour is taken as a screen shows it.</param>
public sealed record PhotoSpot(double[] Spot, double[]? White, double? WhiteReflectance);

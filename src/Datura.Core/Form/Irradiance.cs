using System.Numerics;

namespace Datura.Core.Form;

/// <summary>How much light a place gets.</summary>
public static class Irradiance
{
    /// <summary>
    /// Of a lamp that is seen under a half angle, by the cosine towards its middle: Lambert's cosine while the whole lamp is above
    /// the horizon of the surface, nothing when it is below, and in between the square of what is above (a disc's even fall).
    /// </summary>
    /// <param name="cos">Cosine between the surface's normal and the lamp.</param>
    public static double OfLamp(double cos, double spreadDeg) => Fall(cos, Math.Sin(spreadDeg * Math.PI / 180));

    /// <summary>The same by the sine of the half angle.</summary>
    internal static T Fall<T>(T cos, T sin)
        where T : struct, INumber<T>
    {
        var four = T.CreateChecked(4);
        return cos >= sin ? cos : cos <= -sin ? T.Zero : (cos + sin) * (cos + sin) / (four * sin);
    }

    /// <summary>Of a small lamp at a distance, against the same at another: the inverse square law.</summary>
    public static double AtDistance(double metres, double referenceMetres = 1) => referenceMetres * referenceMetres / (metres * metres);
}

using Datura.Core.Paint;

namespace Datura.Core.Review;

/// <summary>The films of a planned face with the logarithms of their colours.</summary>
internal sealed class LookFilms
{
    // Logarithms of what is all but black tell of noise.
    private const double Floor = 0.02;

    private LookFilms(PaintCores cores)
    {
        Cores = cores;
        Logs = [.. cores.Colour.Select(c => Log((Srgb.LinearOf(c.R), Srgb.LinearOf(c.G), Srgb.LinearOf(c.B))))];
    }

    public PaintCores Cores { get; }

    public (double R, double G, double B)[] Logs { get; }

    public static LookFilms Of(PaintPicture paint) => new(paint.Cores());

    public static (double R, double G, double B) Log((double R, double G, double B) c) => (Math.Log(c.R + Floor), Math.Log(c.G + Floor), Math.Log(c.B + Floor));
    /// <summary>Linear channels of logarithms.</summary>
    public static (double R, double G, double B) Linear((double R, double G, double B) log) => (Math.Exp(log.R) - Floor, Math.Exp(log.G) - Floor, Math.Exp(log.B) - Floor);
}

namespace Datura.Core.Review;

/// <summary>
/// A planned face with one figure taken as a film of its own: what would be seen if that figure alone lay elsewhere, while all beneath it and
/// on top of it stays. A full film brings its colour along, a thin one darkens what lies beneath as it does at its own place.
/// </summary>
internal sealed class FigureFilms
{
    // From this share of a full film on nothing beneath is told apart any more (by judgement).
    private const double LaterHides = 0.5;

    private readonly LookFilms films;
    private readonly ChartWindow window;
    private readonly bool[] inside;

    // Of every stack: the one up to its topmost own film, the one beneath the own films on its top, and how full the own film is.
    private readonly int[] ownIn;
    private readonly int[] without;
    private readonly double[] share;

    /// <param name="own">The figure's coats, by their place in the order of work.</param>
    /// <param name="inside">Pixels that the figure covers on its side.</param>
    public FigureFilms(LookFilms films, IReadOnlySet<int> own, bool[] inside)
    {
        (this.films, this.inside, window) = (films, inside, films.Cores.Window);
        var cores = films.Cores;
        var count = cores.Under.Length;
        (ownIn, without, share) = (new int[count], new int[count], new double[count]);
        for (var n = 0; n < count; n++)
        {
            var (under, isOwn) = (cores.Under[n], own.Contains(cores.Coat[n]));
            ownIn[n] = isOwn ? n : under < 0 ? -1 : ownIn[under];
            without[n] = isOwn ? without[under] : n;
            share[n] = isOwn ? Math.Max(cores.Share[n], own.Contains(cores.Coat[under]) ? share[under] : 0) : under < 0 ? 0 : share[under];
        }
    }

    /// <summary>What would be seen at a place if what the figure has at another place lay there, as logarithms.</summary>
    public (double R, double G, double B) LogAt(ChartPoint place, ChartPoint from)
    {
        var (here, there) = (Pixel(place), Pixel(from));
        var stack = here < 0 ? 0 : films.Cores.StackOf[here];
        var isOwnHere = here >= 0 && inside[here];
        var top = isOwnHere ? without[stack] : stack;
        var own = there >= 0 && inside[there] ? ownIn[films.Cores.StackOf[there]] : -1;

        // Films that came later stay on top; one that hides leaves nothing to tell.
        var ground = top;
        var after = own >= 0 ? films.Cores.Coat[own] : isOwnHere && ownIn[top] >= 0 ? films.Cores.Coat[ownIn[top]] : int.MaxValue;
        while (films.Cores.Coat[ground] > after)
        {
            if (films.Cores.Share[ground] >= LaterHides)
            {
                return films.Logs[top];
            }

            ground = films.Cores.Under[ground];
        }

        var later = Less(films.Logs[top], films.Logs[ground]);
        var beneath = films.Logs[isOwnHere ? without[ground] : ground];
        if (own < 0)
        {
            return Plus(beneath, 1, later);
        }

        var through = 1 - share[films.Cores.StackOf[there]];
        return Plus(Plus(films.Logs[own], through, Less(beneath, films.Logs[without[own]])), 1, later);
    }

    private static (double R, double G, double B) Less((double R, double G, double B) a, (double R, double G, double B) b) => (a.R - b.R, a.G - b.G, a.B - b.B);

    private static (double R, double G, double B) Plus((double R, double G, double B) a, double by, (double R, double G, double B) b) => (a.R + by * b.R, a.G + by * b.G, a.B + by * b.B);

    private int Pixel(ChartPoint at)
    {
        var (column, row) = ((int)Math.Floor(window.ColumnOf(at.XMm)), (int)Math.Floor(window.RowOf(at.YMm)));
        return column < 0 || row < 0 || column >= window.Pixels || row >= window.Pixels ? -1 : row * window.Pixels + column;
    }
}

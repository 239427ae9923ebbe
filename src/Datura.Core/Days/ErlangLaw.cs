namespace Datura.Core.Days;

/// <summary>
/// A queue before several alike painters, people coming at random (Poisson) and faces of exponential length. Sources: Erlang 1917;
/// in this notation Gross, Shortle, Thompson and Harris, Fundamentals of Queueing Theory.
/// </summary>
public static class ErlangLaw
{
    /// <summary>Chance that all painters are busy when nobody waits but goes away (Erlang B).</summary>
    /// <param name="offered">Faces that come while one is painted.</param>
    public static double B(int painters, double offered)
    {
        var b = 1.0;
        for (var n = 1; n <= painters; n++)
        {
            b = offered * b / (n + offered * b);
        }

        return b;
    }

    /// <summary>Chance of having to wait when everybody waits (Erlang C); 1 when more come than can be painted.</summary>
    public static double C(int painters, double offered)
    {
        if (offered >= painters)
        {
            return 1;
        }

        var b = B(painters, offered);
        return painters * b / (painters - offered * (1 - b));
    }

    /// <summary>Mean wait as a multiple of a face's mean minutes; without end when more come than can be painted.</summary>
    public static double MeanWait(int painters, double offered) => offered >= painters ? double.PositiveInfinity : C(painters, offered) / (painters - offered);

    /// <summary>Wait that a share of all does not exceed, as a multiple of a face's mean minutes.</summary>
    public static double WaitOf(int painters, double offered, double share) =>
        offered >= painters ? double.PositiveInfinity : Math.Max(0, Math.Log(C(painters, offered) / (1 - share)) / (painters - offered));
}

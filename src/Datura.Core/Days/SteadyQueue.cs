namespace Datura.Core.Days;

/// <summary>
/// A queue that goes on for ever at one rate: what a busy hour tends to. The mean wait is Erlang's, corrected for how faces and arrivals vary
/// (Allen 1978, Cunneen's form; right for one painter by Pollaczek and Khinchine, and for exponential faces).
/// </summary>
/// <param name="Load">Share of the painters' time that is taken; at 1 and above the queue grows without end. Null where nobody paints.</param>
/// <param name="WaitChance">Chance of having to wait at all.</param>
/// <param name="MeanWaitMinutes">Null where the queue grows without end.</param>
public sealed record SteadyQueue(double? Load, double WaitChance, double? MeanWaitMinutes)
{
    /// <param name="perHour">Faces that come an hour.</param>
    /// <param name="minutes">Mean of one face with all that goes with it.</param>
    /// <param name="faceVariation">Standard deviation of a face by its mean.</param>
    /// <param name="arrivalVariation">The same of the time between two arrivals; 1 at random.</param>
    public static SteadyQueue Of(double perHour, int painters, double minutes, double faceVariation, double arrivalVariation = 1)
    {
        var offered = perHour / 60 * minutes;
        if (painters < 1)
        {
            return new(null, perHour > 0 ? 1 : 0, perHour > 0 ? null : 0);
        }

        var wait = ErlangLaw.MeanWait(painters, offered) * minutes * (faceVariation * faceVariation + arrivalVariation * arrivalVariation) / 2;
        return new(offered / painters, ErlangLaw.C(painters, offered), double.IsFinite(wait) ? wait : null);
    }
}

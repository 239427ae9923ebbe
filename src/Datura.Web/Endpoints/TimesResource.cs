using Datura.Core.Learn;

namespace Datura.Web;

/// <summary>A painter's own times.</summary>
/// <param name="Hands">By tool and technique, the most used first; setting up, waiting and painting oneself among them.</param>
/// <param name="Overall">Of a hand that was never timed.</param>
/// <param name="Spread">How far a single piece of work is off, as a share.</param>
/// <param name="DaySpread">How far a whole session is off, as a share.</param>
public sealed record TimesResource(
    string Painter, int Sessions, IReadOnlyList<HandPaceResource> Hands, HandPaceResource Overall, double Spread, double DaySpread, IReadOnlyList<ReliabilityPoint> Reliability,
    IReadOnlyList<PracticeResource> Looks, IReadOnlyList<PracticeResource> Techniques);

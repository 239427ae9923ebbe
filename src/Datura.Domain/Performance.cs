using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One evening of a production.</summary>
/// <param name="BellMinute">All are ready by then, minutes after midnight.</param>
/// <param name="OpenMinute">Nobody sits down before the house is open, minutes after midnight.</param>
public sealed record Performance(DateOnly On, [property: Range(1, BoothDay.MinutesOfDay)] int BellMinute = 19 * 60, [property: Range(0, BoothDay.MinutesOfDay)] int OpenMinute = 14 * 60)
{
    /// <summary>Painters who do not come: names.</summary>
    [MaxLength(Production.MostPainters)]
    public IReadOnlyList<string> Away { get; init => field = value ?? []; } = [];

    /// <summary>Painters who come late: from when.</summary>
    [MaxLength(Production.MostPainters)]
    public IReadOnlyList<LatePainter> Late { get; init => field = value ?? []; } = [];

    [MaxLength(Production.MostWearers)]
    public IReadOnlyList<Understudy> Understudies { get; init => field = value ?? []; } = [];

    /// <summary>The call sheet that is out; none before it is.</summary>
    [MaxLength(Production.MostWearers)]
    public IReadOnlyList<KeptCall> Calls { get; init => field = value ?? []; } = [];
}

using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>One line of a call sheet that is out: when a wearer sits down before whom, minutes after midnight.</summary>
public sealed record KeptCall(
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Wearer,
    [property: StringLength(Limits.LongestName, MinimumLength = 1)] string Painter,
    [property: Range(0, BoothDay.MinutesOfDay)] int FromMinute,
    [property: Range(0, BoothDay.MinutesOfDay)] int PaintedMinute,
    [property: Range(0, BoothDay.MinutesOfDay)] int ReadyMinute);

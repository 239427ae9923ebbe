namespace Datura.Web;

/// <summary>How long a wearer's face takes.</summary>
/// <param name="Minutes">Null where it cannot be planned.</param>
/// <param name="SdMinutes">Standard deviation from evening to evening.</param>
/// <param name="Understudy">Who stands in on this evening.</param>
public sealed record WearerTime(double? Minutes, double? SdMinutes, string? Understudy, string? Problem);

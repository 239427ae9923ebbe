namespace Datura.Web;

/// <summary>One line of a menu: how long its look takes at the booth.</summary>
/// <param name="Minutes">As usual, learned where the setting says so; null where it cannot be planned.</param>
/// <param name="SdMinutes">Standard deviation from face to face.</param>
public sealed record MenuLineResource(double? Minutes, double? SdMinutes, string? Problem);

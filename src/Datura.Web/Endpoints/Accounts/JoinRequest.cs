using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>A new account by a link.</summary>
/// <param name="Mail">Where a forgotten password's link goes; null for none.</param>
public sealed record JoinRequest(string Token, [property: StringLength(80)] string Name, [property: StringLength(1000)] string Password, [property: StringLength(254)] string? Mail = null);

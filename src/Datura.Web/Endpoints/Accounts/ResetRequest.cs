using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>A new password by a link.</summary>
public sealed record ResetRequest(string Token, [property: StringLength(1000)] string Password);

using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>A new password in place of the present one.</summary>
public sealed record PasswordChange([property: StringLength(1000)] string Present, [property: StringLength(1000)] string Password);

using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>Whose password was forgotten.</summary>
public sealed record ForgottenRequest([property: StringLength(254)] string Name);

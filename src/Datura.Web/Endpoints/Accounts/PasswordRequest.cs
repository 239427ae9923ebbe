using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>The present password, asked for again before something that matters.</summary>
public sealed record PasswordRequest([property: StringLength(1000)] string Password);

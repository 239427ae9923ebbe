using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>Who wants in.</summary>
/// <param name="Name">Name or address of mail.</param>
/// <param name="Stay">Whether to stay signed in when the browser is closed.</param>
public sealed record SignInRequest([property: StringLength(254)] string Name, [property: StringLength(1000)] string Password, bool Stay = false);

using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>Where a forgotten password's link goes; null for nowhere.</summary>
public sealed record MailAddressRequest([property: StringLength(254)] string? Mail, [property: StringLength(1000)] string Password);

using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>What a studio is called.</summary>
public sealed record StudioName([property: StringLength(Limits.LongestName)] string Name);

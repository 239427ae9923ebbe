using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>A studio by its name.</summary>
public sealed record StudioResource(string Id, [property: StringLength(Limits.LongestName)] string Name);

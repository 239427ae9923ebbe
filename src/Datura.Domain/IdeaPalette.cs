using System.ComponentModel;
using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Colours that carry an idea, by what they are for: ground, dark, shade, line, light, accent, second, lip.</summary>
/// <param name="Colours">L*, a*, b* each; the nearest paint of the kit that may go there is taken.</param>
public sealed record IdeaPalette(
    [property: StringLength(Limits.LongestName, MinimumLength = 1), Description("What these colours are called.")] string Name,
    [property: Description("L*, a* and b* of each by what it is for: ground, dark, shade, line, light, accent, second, lip.")] IReadOnlyDictionary<string, IReadOnlyList<double>> Colours)
{
    /// <summary>Words of the idea that it is for; empty for any.</summary>
    [MaxLength(60), Description("Words of the idea that these colours are for: when a brief names one of them, these are taken. Empty for any.")]
    public IReadOnlyList<string> Of { get; init => field = value ?? []; } = [];
}

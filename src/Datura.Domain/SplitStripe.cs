using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>Where a colour lies in a split cake.</summary>
/// <param name="Cake">Name of the pan; colours of one pan share it.</param>
/// <param name="Place">Its place in the pan, from 1.</param>
public sealed record SplitStripe(string Cake, [property: Range(1, 40)] int Place);

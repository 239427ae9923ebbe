using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>The edge of a part's first coat, where it is not smooth.</summary>
/// <param name="DepthMm">From the innermost point of the edge to the outermost.</param>
/// <param name="EachMm">From one tooth, bow or flick to the next, along the edge.</param>
public sealed record Rim(RimForm Form, [property: Range(0.5, 20)] double DepthMm, [property: Range(2, 50)] double EachMm);

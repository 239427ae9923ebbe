using System.ComponentModel.DataAnnotations;

namespace Datura.Domain;

/// <summary>
/// A sponge or flat brush loaded with several colours side by side, in the order of a mix's shares; their parts are the widths.
/// One press lays a gradient (common practice).
/// </summary>
/// <param name="Overlap">Share of the narrower of two neighbours over which they run into each other, 0 to 1.</param>
/// <param name="AxisDeg">Which way the colours run from first to last on the wearer's left: 0 outwards, 90 up.</param>
/// <param name="Flipped">Turned over for the other side, so that the gradient is mirrored too.</param>
/// <param name="FromMiddle">From the middle of each figure outwards instead of along an axis: a glow.</param>
/// <param name="AcrossMark">Across the width of each mark, the last colour on its outer side, as a brush loaded on one side lays it; instead of along an axis of the face.</param>
/// <param name="Powder">Share of the way, at the last colour's end, over which the film thins out.</param>
public sealed record SplitLoad([property: Range(0, 1)] double Overlap = 0.5, [property: Range(-360, 360)] double AxisDeg = 90, bool Flipped = true, bool FromMiddle = false,
    [property: Range(0, 1)] double Powder = 0, bool AcrossMark = false);

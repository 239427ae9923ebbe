using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>A sheet that was painted, as seen from straight above: its picture is measured and forgotten.</summary>
/// <param name="Rgb">Three bytes a picture point, row by row from the top, in Base64.</param>
/// <param name="StepMm">From point to point.</param>
/// <param name="Seconds">How long it took; null when nobody looked at the clock.</param>
public sealed record DrillPhotoRequest(
    DrillRequest Drill,
    [property: StringLength(DrillPhotoRequest.LongestPicture)] string Rgb,
    [property: Range(1, 4000)] int Columns,
    [property: Range(1, 4000)] int Rows,
    [property: Range(0.1, 1.0)] double StepMm,
    DateOnly On,
    [property: Range(1, 7200)] double? Seconds = null)
{
    public const int LongestPicture = 2_500_000;
}

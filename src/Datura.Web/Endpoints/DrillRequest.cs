using System.ComponentModel.DataAnnotations;

namespace Datura.Web;

/// <summary>What is laid where to be practised.</summary>
/// <param name="Exercise">A stroke by its code, or a part as look/part.</param>
/// <param name="Hand">The hand it is laid on.</param>
/// <param name="LeftHanded">The other hand is painted then.</param>
/// <param name="Face">On which the part lies in the look; any when none is given. The same of kit and setting.</param>
/// <param name="SharePercent">Of its own size; as large as fits when none is given.</param>
/// <param name="TurnDeg">Clockwise; with the size, or not at all.</param>
public sealed record DrillRequest(
    [property: StringLength(DrillTry.LongestExercise, MinimumLength = 1)] string Exercise,
    DrillGround Ground,
    HandMeasures? Hand = null,
    bool LeftHanded = false,
    string? Face = null,
    string? Kit = null,
    string? Setting = null,
    [property: Range(20, 200)] double? SharePercent = null,
    [property: Range(-180, 180)] double? TurnDeg = null);

namespace Datura.Domain;

/// <summary>Everything that can be said of a look as a caution or a check; the words stand in wording.en.txt.</summary>
public enum CautionCode
{
    // Paint and skin.
    EyeArea,
    LipArea,
    FliesLoose,
    Cracks,
    LidsClosed,
    OneLidAtATime,
    BeyondOwnHand,
    BySecondMirror,
    LashLine,
    DoesNotHold,
    NoGrip,
    NeedsGel,
    NeedsDamp,

    // The wearer.
    SensitiveSkin,
    Lenses,
    Glasses,
    Beard,
    Child,
    MeasureRare,

    // The figure.
    SkullWithoutNose,
    MouthWithoutNose,
    MuzzleWithoutPad,
    WhiskersWithoutDots,
    BeakOnBareSkin,
    RibsWithoutGlow,
    FangsWithoutMouth,
    BoltsHoldNothing,
    RibsWithoutCollarBones,
    OutgrownField,
    PastHairline,
    NoRoom,
    UnevenWeight,
    EndsAlongJaw,
    BareGap,
    UnderCostume,
    HueOnOneEnd,
    TooFine,
    Unpainted,
    SparedThenCovered,

    // Colours that meet wet.
    MudBeside,
    MudStirred,
    MudIntoWet,
    SpongeNotTurned,

    // Light and form.
    LampFromBelow,
    LampFromTop,
    LampFromSide,
    LightIsFlat,
    ToneTooWeak,
    ToneTooFine,
    ToneOutOfReach,
    FormHardlyReads,
    HighlightsStrong,
    LightOnWrongSide,

    // Time and means.
    OverSlot,
    SlotNotSure,
    NoPencil,
    StandsIn,

    // Tool, technique and water.
    ToolStandsIn,
    NoToolForIt,
    ToolTooBroad,
    Streaks,
    Bleeds,
    Runs,
    Drags,
    Smears,
    LoadRunsOut,
    MendsNothing,
}

namespace Datura.Domain;

/// <summary>What is worth saying and is neither a caution of the plan nor a problem.</summary>
public enum RemarkCode
{
    /// <summary>Said on every sheet.</summary>
    MadeForSkin,

    /// <inheritdoc cref="MadeForSkin"/>
    TestTheDayBefore,

    /// <inheritdoc cref="MadeForSkin"/>
    NeverOnBrokenSkin,

    /// <inheritdoc cref="MadeForSkin"/>
    CleanForEveryFace,

    /// <inheritdoc cref="MadeForSkin"/>
    NothingInside,

    /// <inheritdoc cref="MadeForSkin"/>
    OffBeforeSleep,

    /// <summary>Of hygiene, whatever is painted.</summary>
    CreamBySpatula,

    /// <inheritdoc cref="CreamBySpatula"/>
    BrokenSkinThrowAway,

    /// <inheritdoc cref="CreamBySpatula"/>
    WashAfterwards,

    /// <inheritdoc cref="CreamBySpatula"/>
    TwoWaters,

    /// <summary>Of what comes off how, on the removal card.</summary>
    OffHands,

    /// <inheritdoc cref="OffHands"/>
    OffGems,

    /// <inheritdoc cref="OffHands"/>
    OffFlakes,

    /// <inheritdoc cref="OffHands"/>
    OffLids,

    /// <inheritdoc cref="OffHands"/>
    OffCream,

    /// <inheritdoc cref="OffHands"/>
    OffWater,

    /// <inheritdoc cref="OffHands"/>
    OffLips,

    /// <inheritdoc cref="OffHands"/>
    OffHair,

    /// <inheritdoc cref="OffHands"/>
    OffCare,

    /// <inheritdoc cref="OffHands"/>
    StopWashDoctor,

    /// <inheritdoc cref="OffHands"/>
    LabelOfRemover,

    /// <summary>Of a time budget.</summary>
    AllFits,

    /// <inheritdoc cref="AllFits"/>
    SomeFits,

    /// <inheritdoc cref="AllFits"/>
    NothingFits,

    /// <inheritdoc cref="AllFits"/>
    FitsWithout,

    /// <inheritdoc cref="AllFits"/>
    NoPartFits,

    /// <inheritdoc cref="AllFits"/>
    Shorten,

    /// <inheritdoc cref="AllFits"/>
    ShortenWithTwo,

    /// <summary>Of a paint's card that no film looks like.</summary>
    CardDoubted,

    /// <summary>How to tell on the hand that paint is so wet, and what goes wrong with it.</summary>
    WaterDry,

    /// <inheritdoc cref="WaterDry"/>
    WaterDamp,

    /// <inheritdoc cref="WaterDry"/>
    WaterCreamy,

    /// <inheritdoc cref="WaterDry"/>
    WaterFlowing,

    /// <inheritdoc cref="WaterDry"/>
    WaterRunny,

    /// <summary>Of a template.</summary>
    TooCurved,

    /// <summary>Of a step: how a sponge with colours side by side is used.</summary>
    SplitPressed,

    /// <summary>Of a step: how a brush with colours side by side is used.</summary>
    SplitStroked,

    /// <summary>Of a step: a split load on the other side of the face.</summary>
    SplitTurnedOver,

    /// <summary>Of a step: what the wearer is asked to do for it.</summary>
    CueSmile,

    /// <inheritdoc cref="CueSmile"/>
    CueRaiseBrows,

    /// <inheritdoc cref="CueSmile"/>
    CueFrown,

    /// <inheritdoc cref="CueSmile"/>
    CueSqueeze,

    /// <inheritdoc cref="CueSmile"/>
    CueLookUp,

    /// <inheritdoc cref="CueSmile"/>
    CueTickles,

    /// <summary>Of a preparing or mending step: how it is done.</summary>
    HowPowderCream,

    /// <inheritdoc cref="HowPowderCream"/>
    HowWetSpot,

    /// <inheritdoc cref="HowPowderCream"/>
    HowMist,

    /// <inheritdoc cref="HowPowderCream"/>
    HowDabOff,

    /// <inheritdoc cref="HowPowderCream"/>
    HowTakeOutTexture,

    /// <inheritdoc cref="HowPowderCream"/>
    HowWipeAndRedo,

    /// <inheritdoc cref="HowPowderCream"/>
    HowEvenUp,

    /// <inheritdoc cref="HowPowderCream"/>
    HowCleanPoints,

    /// <inheritdoc cref="HowPowderCream"/>
    HowReWhiten,

    /// <summary>Of a step on both lids of whoever paints herself.</summary>
    FirstLidDries,

    /// <summary>Of a step: a shade pulled out of an edge.</summary>
    PullAllRound,

    /// <inheritdoc cref="PullAllRound"/>
    PullDown,

    /// <inheritdoc cref="PullAllRound"/>
    PullUp,

    /// <inheritdoc cref="PullAllRound"/>
    PullOutwards,

    /// <inheritdoc cref="PullAllRound"/>
    PullInwards,

    /// <summary>Why a face was proposed.</summary>
    ProposalTells,

    /// <inheritdoc cref="ProposalTells"/>
    ProposalValues,

    /// <inheritdoc cref="ProposalTells"/>
    ProposalBalance,

    /// <inheritdoc cref="ProposalTells"/>
    ProposalOneSided,

    /// <inheritdoc cref="ProposalTells"/>
    ProposalLeads,

    /// <inheritdoc cref="ProposalTells"/>
    ProposalColour,

    /// <inheritdoc cref="ProposalTells"/>
    ProposalTemper,

    /// <inheritdoc cref="ProposalTells"/>
    ProposalFits,

    /// <summary>What a proposal gave up.</summary>
    GaveUpParts,

    /// <inheritdoc cref="GaveUpParts"/>
    GaveUpSlot,

    /// <summary>What a rule of a character wants, and what a look does.</summary>
    RuleHasPart,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleLacksPart,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNeedsPart,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleSide,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleSideIs,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleSize,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleSizeIs,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleShare,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleShareIs,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNeedsMeasure,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleWord,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleWordIs,

    /// <inheritdoc cref="RuleHasPart"/>
    RulePlace,

    /// <inheritdoc cref="RuleHasPart"/>
    RulePlaceIs,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNothingDrawn,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleColour,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleColourIs,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNotPainted,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleSplit,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNoKind,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNoZone,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNoColour,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleForbiddenIs,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleNothingBeside,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleOnlyBeside,

    /// <inheritdoc cref="RuleHasPart"/>
    RuleBesideIs,

    /// <summary>What may make measures off photos wrong.</summary>
    PhotoIrisScale,

    /// <inheritdoc cref="PhotoIrisScale"/>
    PhotoNoScale,

    /// <inheritdoc cref="PhotoIrisScale"/>
    PhotoNoSide,

    /// <inheritdoc cref="PhotoIrisScale"/>
    PhotoTilted,

    /// <inheritdoc cref="PhotoIrisScale"/>
    PhotoNear,

    /// <inheritdoc cref="PhotoIrisScale"/>
    PhotoOpenMouth,

    /// <inheritdoc cref="PhotoIrisScale"/>
    PhotoSmile,

    /// <inheritdoc cref="PhotoIrisScale"/>
    PhotoChild,

    /// <summary>How the two sides of a measured face differ.</summary>
    PhotoSideHigher,

    /// <inheritdoc cref="PhotoSideHigher"/>
    PhotoSideFartherOut,

    /// <summary>What a photo of the finished face shows, and what to do about it.</summary>
    ReviewMissing,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewMoved,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewLarger,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewSmaller,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewTurned,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewColour,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewHoles,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewUneven,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewHardEdge,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewSideHigher,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewSideFartherOut,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewSideLarger,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewSideColour,

    /// <inheritdoc cref="ReviewMissing"/>
    MendPaint,

    /// <inheritdoc cref="ReviewMissing"/>
    MendMove,

    /// <inheritdoc cref="ReviewMissing"/>
    MendShrink,

    /// <inheritdoc cref="ReviewMissing"/>
    MendGrow,

    /// <inheritdoc cref="ReviewMissing"/>
    MendDarker,

    /// <inheritdoc cref="ReviewMissing"/>
    MendLighter,

    /// <inheritdoc cref="ReviewMissing"/>
    MendCoat,

    /// <inheritdoc cref="ReviewMissing"/>
    MendBlend,

    /// <inheritdoc cref="ReviewMissing"/>
    ReviewPalette,
}

namespace Datura.Core.Caution;

/// <summary>What holds for every face, and what the wearer brings along. All: common practice; the label and local rules come first.</summary>
public static class UsualCautions
{
    public static IReadOnlyList<Remark> Always { get; } =
    [
        Remark.Of(RemarkCode.MadeForSkin), Remark.Of(RemarkCode.TestTheDayBefore), Remark.Of(RemarkCode.NeverOnBrokenSkin), Remark.Of(RemarkCode.CleanForEveryFace),
        Remark.Of(RemarkCode.NothingInside), Remark.Of(RemarkCode.OffBeforeSleep),
    ];

    public static CautionNote For(WearerCaution caution) => caution switch
    {
        WearerCaution.SensitiveSkin => new(CautionCode.SensitiveSkin, Severity.Warning),
        WearerCaution.Lenses => new(CautionCode.Lenses, Severity.Warning),
        WearerCaution.Glasses => new(CautionCode.Glasses, Severity.Note),
        WearerCaution.Beard => new(CautionCode.Beard, Severity.Note),
        WearerCaution.Child => new(CautionCode.Child, Severity.Note),
        _ => throw new ArgumentOutOfRangeException(nameof(caution)),
    };
}

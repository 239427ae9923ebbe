using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>What may make a face measured from photos wrong, and what to do about it. Limits by judgement.</summary>
internal static class PhotoNotes
{
    private const double MostLeanDeg = 20;
    private const double MostTiltDeg = 25;
    private const double NearMm = 380;
    private const double ChildYears = 13;
    private const double SideDeg = 35;

    // So many standard deviations beyond the mean of their age lips stand open, or a mouth smiles.
    private const double OpenSpreads = 2.5;
    private const double SmileSpreads = 2.2;

    private static readonly HashSet<string> MovesWithJaw = ["lipHeight", "faceHeight", "lowerFaceHeight", "headHeight", "neckLength"];
    private static readonly HashSet<string> MovesWithSmile = ["mouthWidth", "upperLipHeight"];

    /// <summary>Measures that a mouth which is not at rest makes wrong are not taken.</summary>
    public static IReadOnlyList<PhotoMeasure> AtRest(IReadOnlyList<PhotoMeasure> measures, double years)
    {
        var (open, smiles) = (IsOpen(measures, years), Smiles(measures, years));
        return [.. measures.Select(m => open && MovesWithJaw.Contains(m.Id) || smiles && MovesWithSmile.Contains(m.Id) ? m with { Taken = false } : m)];
    }

    public static IReadOnlyList<Remark> Of(IReadOnlyList<FacePhoto> photos, IReadOnlyList<PhotoPose> poses, IReadOnlyList<PhotoMeasure> measures, double years)
    {
        var notes = new List<Remark>();
        if (photos.All(p => p.Held is null))
        {
            notes.Add(Remark.Of(photos.Any(p => p.IrisPx is not null) ? RemarkCode.PhotoIrisScale : RemarkCode.PhotoNoScale));
        }

        if (poses.All(p => Math.Abs(p.Camera.Pose.TurnDeg) < SideDeg))
        {
            notes.Add(Remark.Of(RemarkCode.PhotoNoSide));
        }

        for (var k = 0; k < poses.Count; k++)
        {
            var pose = poses[k].Camera.Pose;
            if (Math.Abs(pose.TurnDeg) < SideDeg && (Math.Abs(pose.LeanDeg) > MostLeanDeg || Math.Abs(pose.TiltDeg) > MostTiltDeg))
            {
                notes.Add(Remark.Of(RemarkCode.PhotoTilted, ("photo", k + 1)));
            }

            if (photos.Any(p => p.Held is not null) && pose.MiddleMm.Z < NearMm)
            {
                notes.Add(Remark.Of(RemarkCode.PhotoNear, ("photo", k + 1), ("cm", Math.Round(pose.MiddleMm.Z / 10))));
            }
        }

        if (IsOpen(measures, years))
        {
            notes.Add(Remark.Of(RemarkCode.PhotoOpenMouth));
        }

        if (Smiles(measures, years))
        {
            notes.Add(Remark.Of(RemarkCode.PhotoSmile));
        }

        if (years < ChildYears)
        {
            notes.Add(Remark.Of(RemarkCode.PhotoChild, ("years", Math.Round(years))));
        }

        return notes;
    }

    private static bool IsOpen(IReadOnlyList<PhotoMeasure> measures, double years) => Beyond(measures, "lipHeight", years) > OpenSpreads;

    private static bool Smiles(IReadOnlyList<PhotoMeasure> measures, double years) => Beyond(measures, "mouthWidth", years) > SmileSpreads && !IsOpen(measures, years);

    private static double Beyond(IReadOnlyList<PhotoMeasure> measures, string id, double years) =>
        measures.FirstOrDefault(m => m.Id == id) is { Taken: true } m ? (m.Mm - Population.MeanMm(id, years)) / m.UsualSdMm : 0;
}

using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>Measures a face from what was found in photos of it. See docs/photo.md.</summary>
public static class FaceFromPhotos
{
    // Without a word from the camera: that of phones held upright, as a share of the longer side, give or take (from memory).
    internal const double UsualFocal = 0.8;
    private const double UsualFocalSpread = 0.35;

    // What a camera writes down is rounded, and the picture may be cropped a little.
    private const double WrittenFocalSpread = 0.03;

    private const int AgeRounds = 3;
    private const double AgeStep = 0.5;

    // A measure is taken when the photos leave less than so much of its spread, and are this sure (by judgement).
    private const double MostShare = 0.75;
    private const double MostSdMm = 4;

    // Half of the points lie within so much, or they contradict each other; a face finder's own, which nobody has looked at, within more.
    private const double ContradictionMm = 3;
    private const double UncheckedMm = 5;

    /// <exception cref="InputException">The points are nonsense, too few, or contradict each other.</exception>
    public static MeasuredFace Of(IReadOnlyList<FacePhoto> photos)
    {
        PhotoCheck.Check(photos);
        var years = Population.AdultYears;
        var cameras = photos.Select((p, k) => Guess(p, k, at => FittedBody.Reference.Skin.Position(at))).ToArray();
        for (var round = 0; ; round++)
        {
            var solve = new FaceSolve(FaceForms.At(years), photos, cameras);
            solve.Solve();
            var reader = new PhotoMeasureReader(solve, years);
            IReadOnlyList<PhotoMeasure> measures = [.. Measures.All.Select(m => Taken(reader.Read(m)))];
            var said = BodyPrior.YearsOf(measures.Where(m => m.Taken).ToDictionary(m => m.Id, m => m.Mm));
            cameras = [.. solve.Cameras];
            if (Math.Abs(said - years) > AgeStep && round < AgeRounds)
            {
                years = said;
                continue;
            }

            var poses = PhotoPoses.Of(photos, solve);
            var sides = FaceAsymmetry.Of(photos, solve);
            IReadOnlyList<Remark> notes = [.. PhotoNotes.Of(photos, poses, measures, years), .. FaceAsymmetry.Told(sides)];
            return new(PhotoNotes.AtRest(measures, years), poses, years, notes) { Sides = sides };
        }
    }

    private static PhotoMeasure Taken(PhotoMeasure m) => m with { Taken = m.Taken && m.SdMm < MostShare * m.UsualSdMm && m.SdMm <= MostSdMm };

    /// <summary>A first guess of a photo's camera.</summary>
    /// <param name="body">Where the places of a body are.</param>
    internal static CameraUnknown Guess(FacePhoto photo, int number, Func<SkinPoint, Vec3> body)
    {
        var focal = photo.FocalPx ?? UsualFocal * Math.Max(photo.WidthPx, photo.HeightPx);
        var lens = new Lens(photo.WidthPx, photo.HeightPx, focal);
        var points = photo.Points.Select(p => PhotoPlaces.Find(p.Place)!.At is var at ? (Body: body(at), Normal: ReferenceSkin.Skin.Normal(at), p.X, p.Y) : default).ToArray();
        var pose = CameraGuess.Of(lens, points) ?? throw new InputException($"photos[{number}]", ProblemCode.PhotoFewPoints, ("photo", number + 1), ("least", PhotoCheck.LeastPoints));
        return new(new(lens, pose), focal, photo.FocalPx is null ? UsualFocalSpread : WrittenFocalSpread);
    }

    /// <summary>Refuses points that cannot all be right.</summary>
    internal static void Contradict(IReadOnlyList<FacePhoto> photos, IReadOnlyList<PhotoPose> poses)
    {
        for (var k = 0; k < poses.Count; k++)
        {
            if (!(poses[k].MissMm <= (photos[k].IsChecked ? ContradictionMm : UncheckedMm)))
            {
                throw new InputException(
                    $"photos[{k}]", ProblemCode.PhotoContradicts, ("photo", k + 1),
                    ("mm", Math.Round(Math.Min(99, poses[k].MissMm), 1)), ("worst", poses[k].MissesMm.Count == 0 ? "whole face" : PhotoWords.Of(poses[k].MissesMm.MaxBy(m => m.Value).Key)));
            }
        }
    }
}

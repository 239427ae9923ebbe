using Datura.Core;
using Datura.Core.Photos;
using Datura.Core.Review;
using Datura.Files.Photos;

namespace Datura.Bench;

/// <summary>What photos give to reckon: a person's points from front and side, and a finished face photographed twice by the simulated camera.</summary>
internal sealed class PhotoWork
{
    private readonly FacePhoto[] measured;
    private readonly FacePhoto[] finished;
    private readonly SimulatedCamera[] cameras;
    private readonly PlannedLook look;
    private readonly IReadOnlyList<ReviewedPhoto> answers;

    public PhotoWork(PlannedLook look)
    {
        this.look = look;
        var random = new SeededRandom(7);
        var person = RandomPerson.Draw(random);
        measured = [RandomShots.Of(person, random, 0, card: true).Photo, RandomShots.Of(person, random, 70, card: false).Photo];
        var lens = new Lens(1050, 1400, 1400, 0);
        cameras = [.. new[] { 0.0, 38 }.Select(turn => new SimulatedCamera(new(lens, CameraPose.Of(turn, 0, 0, 420, 0, 20)), CameraLamp.Studio))];
        finished = [.. cameras.Select(c => new FacePhoto(1050, 1400, Points(c.Camera), lens.FocalPx))];
        answers = [.. cameras.Zip(finished, Answer)];
    }

    public MeasuredFace Measure() => FaceFromPhotos.Of(measured);

    public IReadOnlyList<ReviewPlaces> Ask() => [.. finished.Select(f => ReviewPlaces.Of(look, ReviewFigures.Of(look), f))];

    /// <summary>As the service does it: what is asked is reckoned anew.</summary>
    public PhotoReview LookOver()
    {
        var figures = ReviewFigures.Of(look);
        return PhotoReview.Of(look, figures, [.. finished.Select(f => ReviewPlaces.Of(look, figures, f))], answers);
    }

    private SeenPoint[] Points(PhotoCamera camera) =>
    [
        .. from place in PhotoPlaces.All
           where place.Number is not null
           let at = look.Body.Skin.Position(place.At)
           where camera.Facing(at, look.Body.Skin.Normal(place.At)) > 0.1
           let seen = camera.Draw(at)
           select new SeenPoint(place.Name, seen.X, seen.Y),
    ];

    private ReviewedPhoto Answer(SimulatedCamera camera, FacePhoto photo)
    {
        var (taken, asked) = (camera.Take(look), ReviewPlaces.Of(look, ReviewFigures.Of(look), photo));
        var colours = Enumerable.Range(0, asked.Px.Count / 2).Select(k => taken.Mean(asked.Px[2 * k], asked.Px[2 * k + 1])).SelectMany(c => new[] { (byte)c.R, (byte)c.G, (byte)c.B });
        return new(photo, [.. colours], null);
    }
}

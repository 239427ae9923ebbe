using Datura.Core.Photos;

namespace Datura.Core.Review;

/// <summary>Where in a photo colours are wanted. The same look and points always ask for the same places, so nothing needs to be kept between asking and answering.</summary>
public sealed class ReviewPlaces
{
    // Seen flatter than this a place tells more of the photo than of the paint (about 70° from the side).
    private const double LeastFacing = 0.35;
    private const double LeastSpotFacing = 0.45;
    private const double MarginPx = 2;

    private ReviewPlaces(SeenBody seen, IReadOnlyList<ReviewFigure> figures)
    {
        Seen = seen;
        foreach (var figure in figures)
        {
            foreach (var line in figure.Lines)
            {
                if (seen.At(line.At) is var at && at.Facing >= LeastFacing && IsIn(at.X, at.Y))
                {
                    Lines.Add((figure, line, Take(Enumerable.Range(0, ReviewLine.Samples).Select(line.Sample))));
                }
            }

            foreach (var spot in figure.Spots)
            {
                if (seen.At(spot.At) is var at && at.Facing >= LeastSpotFacing && IsIn(at.X, at.Y))
                {
                    Spots.Add((figure, spot, Take([spot.At])));
                }
            }
        }
    }

    public SeenBody Seen { get; }

    /// <summary>x and y in pixels by turns.</summary>
    public List<double> Px { get; } = [];

    internal List<(ReviewFigure Figure, ReviewLine Line, int From)> Lines { get; } = [];

    internal List<(ReviewFigure Figure, ReviewSpot Spot, int From)> Spots { get; } = [];

    /// <exception cref="InputException">The points do not tell how the photo was taken.</exception>
    public static ReviewPlaces Of(PlannedLook look, IReadOnlyList<ReviewFigure> figures, FacePhoto photo) => new(SeenBody.Of(look.Body, photo), figures);

    private bool IsIn(double x, double y) => x >= MarginPx && y >= MarginPx && x <= Seen.Pose.Camera.Lens.WidthPx - MarginPx && y <= Seen.Pose.Camera.Lens.HeightPx - MarginPx;

    private int Take(IEnumerable<ChartPoint> places)
    {
        var from = Px.Count / 2;
        foreach (var place in places)
        {
            var (x, y, facing) = Seen.At(place);
            Px.AddRange(facing > 0 && IsIn(x, y) ? [Math.Round(x, 1), Math.Round(y, 1)] : [-1, -1]);
        }

        return from;
    }
}

using Datura.Core.Body;
using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Datura.Core.Shapes;

/// <summary>A line traced over a picture, matched to a face by three landmarks: an own line on its skin.</summary>
public static class TracedLine
{
    /// <summary>Points of a stroke drawn by hand.</summary>
    public const int MostPoints = 2_000;

    /// <summary>Picture units; whoever counts pixels stays far below.</summary>
    private const double Furthest = 1e6;

    // A line at the edge of the face is traced a little beside it, mm (by judgement).
    private const double BesideMm = 6;

    // No painter follows a line closer, mm (by judgement).
    private const double FinestMm = 0.4;

    /// <param name="matches">Three landmarks, and where the picture has them.</param>
    /// <param name="points">What was traced, in order.</param>
    /// <param name="fromDeg">From where the picture shows the face: 0 from the front, towards the wearer's left; null where the landmarks shall tell.</param>
    /// <exception cref="InputException">Says which landmark or point cannot be, and what to do.</exception>
    public static OwnDrawing On(FittedBody body, IReadOnlyList<PictureMatch> matches, IReadOnlyList<PicturePoint> points, double? fromDeg = null, bool closed = false)
    {
        Check(matches, points, fromDeg);
        var view = PictureView.Of(body, matches, fromDeg);
        var skin = new SeenSkin(body.Mesh, view);
        var places = new List<ChartPoint>();
        for (var k = 0; k < points.Count; k++)
        {
            places.Add(skin.At(view.Place(points[k]), BesideMm) ?? throw new InputException($"points[{k}]", ProblemCode.TraceBesideFace, ("point", k + 1)));
        }

        return new([.. Fewer(places).Select(p => OwnPoints.From(body, p, snaps: false))], closed);
    }

    // No more than an own line may have, and those that matter most.
    private static IReadOnlyList<ChartPoint> Fewer(IReadOnlyList<ChartPoint> places)
    {
        for (var (mm, left) = (FinestMm, places); ; mm *= 1.3)
        {
            if (left.Count <= OwnDrawing.MostPoints)
            {
                return left;
            }

            var line = new LineString([.. places.Select(p => new Coordinate(p.XMm, p.YMm))]);
            left = [.. DouglasPeuckerSimplifier.Simplify(line, mm).Coordinates.Select(c => new ChartPoint(c.X, c.Y))];
        }
    }

    private static void Check(IReadOnlyList<PictureMatch> matches, IReadOnlyList<PicturePoint> points, double? fromDeg)
    {
        if (matches.Count != 3 || matches.Any(m => m?.At is null) || matches.DistinctBy(m => m.At).Count() != 3)
        {
            throw new InputException("landmarks", ProblemCode.TraceLandmarks);
        }

        if (matches.FirstOrDefault(m => !Landmarks.Reference.ContainsKey(new(m.At))) is { } unknown)
        {
            throw new InputException("landmarks", ProblemCode.UnknownLandmark, ("id", unknown.At));
        }

        if (points.Count is < 2 or > MostPoints)
        {
            throw new InputException("points", ProblemCode.TracePoints, ("most", MostPoints));
        }

        if (matches.Any(m => !(Math.Abs(m.X) < Furthest && Math.Abs(m.Y) < Furthest)) || points.Any(p => !(Math.Abs(p.X) < Furthest && Math.Abs(p.Y) < Furthest)))
        {
            throw new InputException("points", ProblemCode.TraceOffPicture);
        }

        if (fromDeg is { } from && !(Math.Abs(from) <= 90))
        {
            throw new InputException("fromDeg", ProblemCode.TraceFrom);
        }
    }
}

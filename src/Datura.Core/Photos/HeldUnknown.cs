using Datura.Core.Body;

namespace Datura.Core.Photos;

/// <summary>
/// A card while its place is looked for: turn 3 and place 3 for the camera. Its corners tell how it stands; that it touches the skin ties
/// the size of the face to its own. A ruler is a card without width.
/// </summary>
internal sealed class HeldUnknown
{
    public const int Count = 6;

    // Corners are found or pointed at this exactly, px, or mm where a picture is large (by judgement).
    private const double CornerPx = 1.3;
    private const double CornerMm = 0.35;

    // The middle of a flat thing that touches a curved skin stands so far before it, give or take (by judgement).
    private const double BeforeMm = 2;
    private const double BeforeSpreadMm = 3;

    // A ruler lies square to the camera but for so much, radians (by judgement).
    private const double RulerTurn = 0.15;

    private static readonly SkinPoint[] Forehead = [.. Enumerable.Range(0, 12).Select(k => new SkinPoint(0, 44 + 4 * k))];
    private static readonly SkinPoint[] Chin = [.. Enumerable.Range(0, 12).Select(k => new SkinPoint(0, -94 + 3.5 * k))];

    private readonly HeldThing thing;
    private readonly (double X, double Y)[] marks;
    private readonly (double X, double Y)[] corners;
    private readonly FormPlace[] skin;
    private CameraPose pose;

    public HeldUnknown(int photo, int from, HeldThing thing, FaceForms forms, Lens lens)
    {
        (Photo, From, this.thing) = (photo, from, thing);
        skin = [.. (thing.Against == HeldAgainst.Forehead ? Forehead : Chin).Select(forms.Place)];
        corners = CardCorners.Of(thing);
        marks = thing.IsCard
            ? [(-thing.LongMm / 2, -thing.ShortMm / 2), (thing.LongMm / 2, -thing.ShortMm / 2), (thing.LongMm / 2, thing.ShortMm / 2), (-thing.LongMm / 2, thing.ShortMm / 2)]
            : [(-thing.LongMm / 2, 0), (thing.LongMm / 2, 0)];
        pose = Guess(lens);
    }

    public int Photo { get; }

    public int From { get; }

    private CameraPose Guess(Lens lens)
    {
        if (thing.IsCard && Homography.Of(marks, corners)?.Pose(lens) is { } found && found.AtMm.Z > 0)
        {
            return new(found.Turned, found.AtMm);
        }

        var (dx, dy) = (corners[^1].X - corners[0].X, corners[^1].Y - corners[0].Y);
        var away = lens.FocalPx * thing.LongMm / Math.Max(1, Math.Sqrt(dx * dx + dy * dy));
        var (x, y) = ((corners.Average(c => c.X) - lens.WidthPx / 2) / lens.FocalPx * away, (corners.Average(c => c.Y) - lens.HeightPx / 2) / lens.FocalPx * away);
        return new(Rotation.About(new(0, 0, Math.Atan2(dy, dx))), new(x, y, away));
    }

    public void Take(ReadOnlySpan<double> step) =>
        pose = new(Rotation.About(new(step[0], step[1], step[2])).After(pose.Turned), new(pose.MiddleMm.X + step[3], pose.MiddleMm.Y + step[4], Math.Max(10, pose.MiddleMm.Z + step[5])));

    public void AddTo(NormalEquations sums, CameraUnknown camera, int cameraFrom, double[] amounts)
    {
        for (var k = 0; k < Count; k++)
        {
            sums.Add(From + k, 0, 1e-10);
        }

        var lens = camera.Camera.Lens;
        for (var k = 0; k < marks.Length; k++)
        {
            var turned = pose.Turned.Of(new(marks[k].X, marks[k].Y, 0));
            var q = turned + pose.MiddleMm;
            var (x, y) = (q.X / q.Z, q.Y / q.Z);
            var r2 = x * x + y * y;
            var (f, d) = (lens.FocalPx, 1 + lens.Distortion * r2);
            var (du, dv) = (new Vec3(f * d / q.Z, 0, -f * d * x / q.Z), new Vec3(0, f * d / q.Z, -f * d * y / q.Z));
            var (drawnX, drawnY) = lens.Draw(x, y);
            var spread = Math.Max(CornerPx, CornerMm * f / q.Z);
            Row(sums, cameraFrom, turned.Cross(du), du, f * d * x, f * r2 * x, corners[k].X - drawnX, spread);
            Row(sums, cameraFrom, turned.Cross(dv), dv, f * d * y, f * r2 * y, corners[k].Y - drawnY, spread);
        }

        if (!thing.IsCard)
        {
            AddSquare(sums);
        }

        AddTouch(sums, camera, cameraFrom, amounts);
    }

    private void Row(NormalEquations sums, int cameraFrom, Vec3 byTurn, Vec3 byPlace, double byFocal, double byDistortion, double miss, double spread) =>
        sums.Add([cameraFrom + 6, cameraFrom + 7, From, From + 1, From + 2, From + 3, From + 4, From + 5], [byFocal, byDistortion, byTurn.X, byTurn.Y, byTurn.Z, byPlace.X, byPlace.Y, byPlace.Z], miss, 1 / (spread * spread));

    // Two marks do not tell how far a ruler slants away.
    private void AddSquare(NormalEquations sums)
    {
        var (slant, byTurn) = (pose.Turned.Of(new(1, 0, 0)), new Vec3(0, 0, 1));
        var turn = slant.Cross(byTurn);
        sums.Add([From, From + 1, From + 2], [turn.X, turn.Y, turn.Z], -slant.Z, 1 / (RulerTurn * RulerTurn));
        sums.Add(From, 0, 1);
    }

    // Its middle stands just before the skin that is behind it.
    private void AddTouch(NormalEquations sums, CameraUnknown camera, int cameraFrom, double[] amounts)
    {
        var (_, middle) = camera.Camera.Lens.Draw(pose.MiddleMm.X / pose.MiddleMm.Z, pose.MiddleMm.Y / pose.MiddleMm.Z);
        var behind = skin.MinBy(s => Math.Abs(camera.Camera.Draw(s.At(amounts)).Y - middle))!;
        var (away, byTurn, byPlace) = camera.Away(behind.At(amounts));
        int[] at = [.. Enumerable.Range(0, behind.Moves.Length), cameraFrom, cameraFrom + 1, cameraFrom + 2, cameraFrom + 5, From + 5];
        double[] slope = [.. behind.Moves.Select(m => m.Dot(byPlace)), byTurn.X, byTurn.Y, byTurn.Z, 1, -1];
        sums.Add(at, slope, pose.MiddleMm.Z + BeforeMm - away, 1 / (BeforeSpreadMm * BeforeSpreadMm));
    }
}

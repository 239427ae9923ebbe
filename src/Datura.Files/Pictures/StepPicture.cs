using Datura.Core;
using Datura.Core.Paint;

namespace Datura.Files.Pictures;

/// <summary>The face at one step, for the chair: what the step adds is lit, what is there already stands back.</summary>
public static class StepPicture
{
    // So much of the colour of what is not new is left, and so bright it is.
    private const double DimColour = 0.25;
    private const double DimLight = 0.72;

    // A pixel has changed when a channel moved by more than the picture's own rounding.
    private const int Changed = 6;

    private const int PaintPixels = 1024;

    // As far as a wearer turns when asked to, and as she lifts the chin (by eye).
    private const double TurnedDeg = 38;
    private const double ChinUpDeg = -20;

    /// <param name="step">From 1.</param>
    /// <param name="pixels">Of a side.</param>
    /// <param name="done">Numbers of the steps that are on the skin; null for all before.</param>
    /// <param name="without">Ids of parts and keys of coats that are left out; null for none.</param>
    /// <returns>RGBA, as the painter sees the face: mirrored for who paints herself.</returns>
    public static byte[] Lit(PlannedLook look, int step, int pixels, IReadOnlySet<int>? done = null, IReadOnlySet<string>? without = null)
    {
        if (done is not null || without is { Count: > 0 })
        {
            look = look with
            {
                Coats =
                [
                    .. look.Coats.Select((coats, k) => (IReadOnlyList<LaidCoat>)[.. coats.Where((_, c) => (k + 1 >= step || done is null || done.Contains(k + 1))
                        && without?.Contains(look.Plan.Steps[k].Coats[c].PartId) != true && without?.Contains(look.Plan.Steps[k].Coats[c].Key) != true)]),
                ],
            };
        }

        var view = ViewOf(look.Plan, look.Plan.Steps[step - 1]);
        var buffer = BustBuffer.Render(look.Body.Mesh, view, pixels, pixels);
        var eyes = look.Plan.Steps[step - 1].Poses.Any(p => p.Pose == Pose.EyesClosed) ? Eyes.Closed : Eyes.Open;
        byte[] After(int steps)
        {
            var paint = BustPicture.Painted(look, steps, PaintPixels);
            return BustPicture.Rgba(buffer, paint, BustPicture.Featured(look, paint, eyes));
        }

        var (before, after) = (After(step - 1), After(step));
        for (var k = 0; k < after.Length; k += 4)
        {
            if (Math.Abs(after[k] - before[k]) <= Changed && Math.Abs(after[k + 1] - before[k + 1]) <= Changed && Math.Abs(after[k + 2] - before[k + 2]) <= Changed)
            {
                var grey = 0.3 * after[k] + 0.59 * after[k + 1] + 0.11 * after[k + 2];
                for (var c = 0; c < 3; c++)
                {
                    after[k + c] = (byte)(DimLight * (DimColour * after[k + c] + (1 - DimColour) * grey));
                }
            }
        }

        return look.Plan.Setting.OnOneself ? BustPicture.Mirrored(after, pixels, pixels) : after;
    }

    /// <summary>From where a step is painted: the bust turns as the wearer is asked to.</summary>
    public static BustView ViewOf(Plan plan, PlanStep step)
    {
        var view = IsOnBody(plan, step) ? BustView.Front : BustView.FaceClose;
        bool Asks(Pose pose) => step.Poses.Any(p => p.Pose == pose);
        // A head that turns to its own right shows its left side.
        var turn = (Asks(Pose.TurnRight) ? TurnedDeg : 0) - (Asks(Pose.TurnLeft) ? TurnedDeg : 0);
        return view with { TurnDeg = turn, TiltDeg = Asks(Pose.ChinUp) && !IsOnBody(plan, step) ? ChinUpDeg : view.TiltDeg };
    }

    /// <summary>Whether a step lies below the face, so that the face alone would not show it.</summary>
    internal static bool IsOnBody(Plan plan, PlanStep step) =>
        plan.Parts.Where(p => step.PartIds.Contains(p.Id)).SelectMany(p => p.Zones).Any(z => z is "collar" or "sternum" or "chest" or "neck front");
}

using System.Text.Json;
using Datura.Core.Hands;
using Datura.Core.Order;

namespace Datura.Core.Drills;

/// <summary>Which stroke a coat is made of (common practice).</summary>
public static class DrillKinds
{
    // Lines thinner than so, and so many of them, are threads; figures smaller than so are laid in one press.
    private const double ThreadMm = 1.3;
    private const int FewestThreads = 6;
    private const double PressedMm2 = 150;
    private const int FewestPressed = 4;

    public static string Code(DrillKind kind) => JsonNamingPolicy.CamelCase.ConvertName($"{kind}");

    /// <returns>Null for no such code: a part of a look.</returns>
    public static DrillKind? Find(string code) => Enum.GetValues<DrillKind>().Cast<DrillKind?>().FirstOrDefault(k => Code(k!.Value) == code);

    /// <returns>Null for what is not a matter of the hand: drips, splatter.</returns>
    public static DrillKind? Of(CoatJob job)
    {
        if (job.Lay.Split is not null)
        {
            return DrillKind.SplitLoad;
        }

        var drawn = job.Marks.Where(m => m is not RegionMark { Pulled: true }).ToArray();
        var lines = drawn.OfType<StrokeMark>().ToArray();
        var pressed = drawn.OfType<DotMark>().Count() + drawn.OfType<RegionMark>().Count(r => r.Outline.Area < PressedMm2);
        return job.Hand.Technique switch
        {
            Technique.Drip or Technique.Splatter => null,
            Technique.Flick => DrillKind.WebThreads,
            Technique.OnItsSide => DrillKind.Petals,
            Technique.PressAndLift => DrillKind.EqualDrops,
            _ when ToolForms.IsSponge(job.Hand.Tool.Form) || job.Hand.Tool.Form is ToolForm.Puff or ToolForm.SoftBrush or ToolForm.Finger => DrillKind.EvenSponge,
            Technique.Stroke or Technique.Drag when lines.Length >= FewestThreads && lines.Average(l => l.WidthsMm.Max()) < ThreadMm => DrillKind.WebThreads,
            Technique.Stroke or Technique.Drag when pressed >= FewestPressed && 2 * pressed > drawn.Length => DrillKind.EqualDrops,
            Technique.Stroke or Technique.Drag or Technique.PullOut when drawn.Any(m => m.Side == Side.Left) && drawn.Any(m => m.Side == Side.Right) => DrillKind.SymmetricPair,
            Technique.Stroke or Technique.Drag or Technique.PullOut => DrillKind.ThickToThin,
            _ => DrillKind.EvenSponge,
        };
    }
}

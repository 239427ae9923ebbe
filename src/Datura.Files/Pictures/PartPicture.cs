using System.Collections.Concurrent;
using Datura.Core;
using Datura.Core.Body;
using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Files.Pictures;

/// <summary>A picture of one kind at its default size, for the library: the part alone on the reference body.</summary>
public static class PartPicture
{
    private static readonly Face Model = new("model", "Model", Measures.Reference, new(68, 9, 15), []);
    private static readonly Setting Plain = new("plain", "Plain", 60, 2, "daylight", 60);
    private const int PaintPixels = 640;

    private static readonly ConcurrentDictionary<(BustView View, int Pixels), BustBuffer> Buffers = new();

    /// <param name="kit">Where its default paints come from; optional coats are laid too.</param>
    public static (byte[] Rgba, int Width, int Height) Of(PartKind kind, Kit kit, int pixels)
    {
        var part = NewPart.Of(kind, kind.HangsOn[0], kit);
        var paints = new Dictionary<string, PaintMix>(part.Paints);
        foreach (var role in kind.Roles.Where(r => r.Optional))
        {
            if (SuggestedPaint.For(role, kind.HangsOn, kit) is { } paint)
            {
                paints[role.Id] = new([new(paint, 1)]);
            }
        }

        var look = new Look(kind.Label, "", Mapping.Freehand, [part with { Paints = paints, Seed = 5 }]);
        var planned = Planner.Plan(look, Model, FittedBody.Reference, kit, Plain);
        // All kinds share the body and a few views, so each view is projected once.
        var buffer = Buffers.GetOrAdd((View(planned), pixels), key => BustBuffer.Render(FittedBody.Reference.Mesh, key.View, 2 * key.Pixels, 2 * key.Pixels));
        return (BustPicture.Finished(planned, buffer, PaintPixels), pixels, pixels);
    }

    // Close enough to see the part, turned so that its left half faces the viewer.
    private static BustView View(PlannedLook planned)
    {
        var heights = planned.Plan.Parts[0].Marks.SelectMany(m => m.Lines).SelectMany(l => l.Where((_, k) => k % 2 == 1)).ToArray();
        var low = heights.Length > 0 ? heights.Min() : 0;
        return low < -190 ? BustView.Gallery with { TurnDeg = 14 } : BustView.FaceClose with { TurnDeg = 16 };
    }
}

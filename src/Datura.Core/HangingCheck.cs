using Datura.Core.Body;
using Datura.Core.Shapes;

namespace Datura.Core;

/// <summary>Finds nonsense in where parts hang, in their edges and in the painter's own points.</summary>
public static class HangingCheck
{
    public static IEnumerable<Problem> Of(Part part, PartKind kind, string field)
    {
        var name = kind.LabelOf(part);
        if (part.Hung is { } hung)
        {
            if (!Limits.Hold<Hanging>(nameof(hung.Share), hung.Share) || !Limits.Hold<Hanging>(nameof(hung.OffMm), hung.OffMm) || !Limits.Hold<Hanging>(nameof(hung.TurnDeg), hung.TurnDeg))
            {
                yield return Problem.Of($"{field}.hung", ProblemCode.HungTooFar, ("part", name), ("least", Limits.Least<Hanging>(nameof(hung.OffMm))), ("most", Limits.Most<Hanging>(nameof(hung.OffMm))),
                    ("turn", Limits.Most<Hanging>(nameof(hung.TurnDeg))));
            }

            if (hung.At is { } at && (hung.On is not null || !HangingPlaces.IsKnown(at)))
            {
                yield return Problem.Of($"{field}.hung.at", ProblemCode.HungWhere, ("part", name), ("place", at));
            }

            if (!kind.Movable && (hung.At is not null || hung.On is not null))
            {
                yield return Problem.Of($"{field}.hung", ProblemCode.HangsByItself, ("part", name));
            }
        }

        if (part.Rim is { } rim && (!Limits.Hold<Rim>(nameof(rim.DepthMm), rim.DepthMm) || !Limits.Hold<Rim>(nameof(rim.EachMm), rim.EachMm)))
        {
            yield return Problem.Of($"{field}.rim", ProblemCode.RimTooDeep, ("part", name), ("least", Limits.Least<Rim>(nameof(rim.DepthMm))), ("most", Limits.Most<Rim>(nameof(rim.DepthMm))),
                ("apart", Limits.Least<Rim>(nameof(rim.EachMm))), ("farthest", Limits.Most<Rim>(nameof(rim.EachMm))));
        }

        if (part.Drawn is { } drawn && (drawn.Points.Count > OwnDrawing.MostPoints || drawn.Points.Any(p => !Stands(p))))
        {
            yield return Problem.Of($"{field}.drawn", ProblemCode.OwnPoints, ("part", name), ("most", OwnDrawing.MostPoints));
        }
    }

    /// <summary>Parts that hang on what is not in the look, or on themselves.</summary>
    public static IEnumerable<Problem> OfHosts(IReadOnlyList<Part> parts)
    {
        var hosts = parts.DistinctBy(p => p.Id).ToDictionary(p => p.Id, p => p.Hung?.On);
        for (var k = 0; k < parts.Count; k++)
        {
            if (parts[k].Hung?.On is not { } on || PartKinds.Find(parts[k].Kind) is not { } kind)
            {
                continue;
            }

            if (!hosts.ContainsKey(on))
            {
                yield return Problem.Of($"parts[{k}].hung.on", ProblemCode.HostGone, ("part", kind.LabelOf(parts[k])), ("id", on));
                continue;
            }

            var at = on;
            for (var steps = 0; steps <= parts.Count && at is not null; steps++)
            {
                at = hosts.GetValueOrDefault(at);
            }

            if (at is not null)
            {
                yield return Problem.Of($"parts[{k}].hung.on", ProblemCode.HangsOnItself, ("part", kind.LabelOf(parts[k])));
            }
        }
    }

    private static bool Stands(OwnPoint point) => Limits.Hold<OwnPoint>(nameof(point.XMm), point.XMm) && Limits.Hold<OwnPoint>(nameof(point.YMm), point.YMm)
        && Limits.Hold<OwnPoint>(nameof(point.Press), point.Press) && (point.At is null || Landmarks.Reference.ContainsKey(new(point.At)));
}

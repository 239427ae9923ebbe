namespace Datura.Core.Form;

/// <summary>
/// Parts that bring their own light: what stands out is lit on the side of the lamp, what lies in on the far side, everywhere the
/// same for one light (common practice). Those that are not contradict the form.
/// </summary>
internal static class LightSides
{
    // A light over the middle of its part takes no side; one this far off, as a share of the part's size, does.
    private const double Sided = 0.06;

    public static IEnumerable<CautionNote> Contradictions(IReadOnlyList<ExpandedPart> parts, FormGrid grid, Vec3 towards)
    {
        foreach (var part in parts)
        {
            var height = part.Part.ReliefMm ?? KindRelief.UsualMm(part.Kind) ?? 0;
            var lights = part.Kind.Roles.Where(r => r.Stage == Stage.Highlight && part.Part.Paints.ContainsKey(r.Id)).Select(r => r.Id).ToHashSet();
            if (height == 0 || lights.Count == 0)
            {
                continue;
            }

            foreach (var side in part.Marks.Marks.GroupBy(m => m.Side))
            {
                if (Mark.Middle(side.Where(m => lights.Contains(m.Role))) is not { } light || Mark.Middle(side.Where(m => !lights.Contains(m.Role))) is not { } body
                    || grid.CellAt(body) is not (>= 0 and var n))
                {
                    continue;
                }

                var box = new NetTopologySuite.Geometries.Envelope();
                foreach (var mark in side)
                {
                    box.ExpandToInclude(mark.Box());
                }

                var off = light - body;
                var lamp = grid.LampAlong(n, towards);
                var along = (off.XMm * lamp.XMm + off.YMm * lamp.YMm) / Math.Max(lamp.Length(), 1e-9);
                if (Math.Sign(height) * along < -Sided * Math.Max(box.Width, box.Height))
                {
                    var names = new Dictionary<string, string> { ["lies"] = height > 0 ? "far side from" : "near side to" };
                    if (side.Key is Side.Left or Side.Right)
                    {
                        names["side"] = side.Key == Side.Left ? "left" : "right";
                    }

                    yield return new(CautionCode.LightOnWrongSide, Severity.Note) { Parts = [new(part.Part.Id, part.Label)], Names = names };
                    break;
                }
            }
        }
    }
}

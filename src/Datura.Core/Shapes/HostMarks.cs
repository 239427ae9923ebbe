using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>A part that another hangs on: its figure on each side, as on the wearer's left.</summary>
public sealed class HostMarks
{
    private readonly Dictionary<Side, HostFigure?> figures;

    private HostMarks(Dictionary<Side, HostFigure?> figures, bool isInTheMiddle)
    {
        this.figures = figures;
        IsInTheMiddle = isInTheMiddle;
    }

    /// <summary>Whether it lies across the mid-line, once.</summary>
    public bool IsInTheMiddle { get; }

    public static HostMarks Of(PartKind kind, IReadOnlyList<Mark> drawn, FittedBody body)
    {
        // Shades and lights lie round a figure and on it; they are not its shape.
        HashSet<string> shape = [.. kind.Roles.Where(r => r.Stage is not (Stage.Depth or Stage.Highlight)).Select(r => r.Id)];
        Mark[] marks = [.. drawn.Where(m => shape.Contains(m.Role))];
        marks = marks.Length > 0 ? marks : [.. drawn];
        Mark[] On(Side side) => [.. marks.Where(m => m.Side == side)];
        Mark[] Turned(IEnumerable<Mark> of) => [.. of.Select(m => Mirror.Of(m, body))];
        var (left, right, middle) = (On(Side.Left), Turned(On(Side.Right)), On(Side.Middle));
        return new(
            new()
            {
                [Side.Left] = HostFigure.Of(left.Length > 0 ? left : middle),
                [Side.Right] = HostFigure.Of(right.Length > 0 ? right : Turned(middle)),
                [Side.Middle] = HostFigure.Of(middle.Length > 0 ? middle : left.Length > 0 ? left : right),
            },
            left.Length == 0 && right.Length == 0);
    }

    /// <summary>Its figure on a side; null where it is not.</summary>
    public HostFigure? On(Side side) => figures[side];
}

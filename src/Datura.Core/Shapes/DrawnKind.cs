using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>A kind whose description is given in one piece, so that its file holds little but its drawing.</summary>
public abstract class DrawnKind(
    string id, string label, Family family, IReadOnlyList<Zone> hangsOn, IReadOnlyList<CoatRole> roles,
    IReadOnlyList<ParameterSpec> parameters, bool sided = true, bool reserved = false) : PartKind
{
    public override string Id => id;

    public override string Label => label;

    public override Family Family => family;

    public override IReadOnlyList<Zone> HangsOn => hangsOn;

    public override IReadOnlyList<CoatRole> Roles => roles;

    public override IReadOnlyList<ParameterSpec> Parameters => parameters;

    public override bool Sided => sided;

    public override bool UsuallyReserved => reserved;

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context)
    {
        var pen = new MarkPen(context);
        Draw(context, pen);
        return (pen.Marks, pen.Sizes);
    }

    /// <summary>Draws the wearer's left, or a whole part that lies across the mid-line.</summary>
    protected abstract void Draw(PartContext context, MarkPen pen);

    /// <summary>Share of a measure as a default size.</summary>
    protected static Func<FittedBody, double> Of(double share, string measure) => body => share * body.MeasuresMm[measure];

    /// <summary>One dark line coat.</summary>
    protected static CoatRole Line(string label = "Lines", string tool = Tool.Round3, bool goesRound = false) => new("line", label, Stage.Line, tool, 1, 12, GoesRound: goesRound);
}

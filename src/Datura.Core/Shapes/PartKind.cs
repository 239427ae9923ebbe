using Datura.Core.Body;

namespace Datura.Core.Shapes;

/// <summary>
/// A kind of part: what it hangs on, what can be set, what it lays, and the marks it makes. A new kind is one file in
/// Kinds and one line in <see cref="PartKinds"/>.
/// </summary>
public abstract class PartKind
{
    /// <summary>Name in files.</summary>
    public abstract string Id { get; }

    /// <summary>The painter's word.</summary>
    public abstract string Label { get; }

    /// <summary>The painter's own name for a part of this kind, or the kind's.</summary>
    public string LabelOf(Part part) => part.Name ?? Label;

    /// <summary>Where it stands in the library.</summary>
    public abstract Family Family { get; }

    /// <summary>Zones that offer this kind when pointed at.</summary>
    public abstract IReadOnlyList<Zone> HangsOn { get; }

    public abstract IReadOnlyList<ParameterSpec> Parameters { get; }

    public abstract IReadOnlyList<CoatRole> Roles { get; }

    /// <summary>False for kinds that lie across the mid-line and have no side.</summary>
    public virtual bool Sided => true;

    /// <summary>Whether the base usually leaves its area bare.</summary>
    public virtual bool UsuallyReserved => false;

    /// <summary>Whether the painter may move it off where it hangs.</summary>
    public virtual bool Movable => true;

    /// <summary>Whether its marks are reckoned from the rest of the look: no painter hangs it, maps it or hurries it.</summary>
    public virtual bool IsReckoned => false;

    /// <summary>Roles that stand out of the skin or lie in it, the main one first; none for what is flat.</summary>
    public virtual IReadOnlyList<RoleRelief> Relief => [];

    /// <summary>Whether it sits on the skin and throws a shadow there.</summary>
    public virtual bool ThrowsShadow => false;

    /// <summary>Whether its lines stand for folds of skin, each with a light line at its side.</summary>
    public virtual bool IsFold => false;

    /// <summary>Whether it is spoilt when another figure is painted across it; lines, drips and textures are not.</summary>
    public virtual bool NeedsOwnGround => false;

    /// <summary>Kinds that it may lie in all the same.</summary>
    public virtual IReadOnlyList<string> StandsIn => [];

    /// <summary>Roles that go on through a mesh or a cut card.</summary>
    public virtual IReadOnlyList<CoatRole> StencilRoles => [];

    /// <summary>What the wearer is asked to do so that it can be painted where it belongs; null for no more than the pose of its place.</summary>
    public virtual RemarkCode? Cue => null;

    /// <summary>What a character with this part usually has too; null when it stands for itself.</summary>
    public virtual Companion? UsuallyWith => null;

    /// <summary>Choices that suit the zone a new part was pointed at; none unless the kind says so.</summary>
    public virtual IReadOnlyDictionary<string, string> WordsFor(Zone zone) => new Dictionary<string, string>();

    /// <summary>Marks on the asked-for sides and the lengths that matter.</summary>
    /// <param name="host">The part it hangs on; null when it hangs on none, or on one that is not there.</param>
    public PartMarks Expand(FittedBody body, Part part, Costume costume, HostMarks? host = null)
    {
        if (!IsSided(part) || (host is { IsInTheMiddle: true } && (FollowsItsHost || part.Hung!.Where is HostPlace.Middle or HostPlace.Tip or HostPlace.LowerEdge)))
        {
            var (marks, sizes) = Drawn(Side.Middle);
            return new([.. OnTheBody(Moved(marks, part, body, Side.Middle, host), body)], [.. sizes]);
        }

        var all = new List<Mark>();
        var lines = new List<SizeLine>();
        foreach (var side in part.Sides == Sides.Both ? new[] { Side.Left, Side.Right } : [part.Sides == Sides.Left ? Side.Left : Side.Right])
        {
            // Kinds draw on the wearer's left; the right side is its mirror image.
            var (drawn, sizes) = Drawn(side);
            var marks = Moved(drawn, part, body, side, host);
            all.AddRange(side == Side.Right ? marks.Select(m => Mirror.Of(m, body)) : marks);
            if (lines.Count == 0)
            {
                lines.AddRange(sizes);
            }
        }

        return new([.. OnTheBody(all, body)], lines);

        // Where the part it follows is not, there is nothing to follow.
        (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) Drawn(Side side) =>
            FollowsItsHost && part.Hung?.On is not null && host?.On(side) is null ? ([], []) : OneSide(new(body, part, costume, side, host?.On(side)));
    }

    // Mirrored onto an uneven body, or large, a figure at its rim can be gone.
    private static IEnumerable<Mark> OnTheBody(IEnumerable<Mark> marks, FittedBody body) =>
        marks.Select(m => BodyEdge.Kept(m, body)).OfType<Mark>().Select(m => m is DotMark d ? d with { Measure = body.Chart.Measure(d.At) } : m);

    private IReadOnlyList<Mark> Moved(IEnumerable<Mark> drawn, Part part, FittedBody body, Side side, HostMarks? host)
    {
        IReadOnlyList<Mark> marks = [.. drawn];
        marks = part.Rim is { } rim ? RimmedMarks.Of(marks, rim, Roles[0], SeededRandom.For(part.Seed, "rim")) : marks;
        marks = part.Hung is { } hung && Movable && !(FollowsItsHost && hung.On is not null) ? HungMarks.Of(marks, hung, body, side, host?.On(side)) : marks;
        return Movable && part.Moved != default ? MarkMove.Of(marks, part.Moved, body) : marks;
    }

    /// <summary>Whether it draws itself along the part it hangs on, instead of being carried there.</summary>
    public virtual bool FollowsItsHost => false;

    /// <summary>Whether it is anything without a part to hang on; an edge is not.</summary>
    public virtual bool StandsAlone => true;

    /// <summary>Whether a part has a left and a right, or lies across the mid-line, once.</summary>
    public bool IsSided(Part part) => part.Hung switch
    {
        { Once: true } => false,
        { On: not null } => true,
        { At: { } place } => HangingPlaces.IsPair(place),
        _ => Sided && !IsOnceInTheMiddle(part),
    };

    /// <summary>Whether a part that could have sides lies across the mid-line, once.</summary>
    protected virtual bool IsOnceInTheMiddle(Part part) => false;

    /// <summary>Marks and sizes as they are on the wearer's left (or middle).</summary>
    protected abstract (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context);
}

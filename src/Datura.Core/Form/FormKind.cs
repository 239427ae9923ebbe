using Datura.Core.Shapes;

namespace Datura.Core.Form;

/// <summary>The computed shades and lights of a look, as a part of the plan; it is not in the library and hangs on no zone.</summary>
public sealed class FormKind : PartKind
{
    public const string PartId = "form";

    private FormKind(IReadOnlyList<CoatRole> roles) => Roles = roles;

    public override string Id => "form";

    public override string Label => "Form";

    public override Family Family => Family.Bone;

    public override IReadOnlyList<Zone> HangsOn => [];

    public override IReadOnlyList<ParameterSpec> Parameters => [];

    public override IReadOnlyList<CoatRole> Roles { get; }

    public override bool Sided => false;

    public override bool Movable => false;

    public override bool IsReckoned => true;

    public static FormKind Of(IReadOnlyList<Tone> tones, ShadeWith school, bool folds, bool drops)
    {
        var tool = school switch { ShadeWith.Powder => Tool.SoftBrush, ShadeWith.Wash => Tool.FlatBrush, _ => Tool.HalfRoundSponge };
        // From the softest to the strongest; broad lights go under lines and teeth like the shades, only those of folds come last.
        List<CoatRole> roles = [.. tones.Where(t => !t.IsLight).OrderByDescending(t => t.Change).Select(t => new CoatRole(Role(t), $"Tone {t.Number}, shade", Stage.Depth, tool, 1, 40))];
        if (drops)
        {
            roles.Add(new("drop", "Drop shadows", Stage.Depth, Tool.Filbert, 1, 30));
        }

        roles.AddRange(tones.Where(t => t.IsLight).OrderBy(t => t.Change).Select(t => new CoatRole(Role(t), $"Tone {t.Number}, light", Stage.Depth, tool, 1, 85)));
        if (folds)
        {
            roles.Add(new("folds", "Light sides of folds", Stage.Highlight, Tool.Round1, 1, 90));
        }

        return new(roles);
    }

    public static string Role(Tone tone) => $"tone{tone.Number}";

    protected override (IEnumerable<Mark> Marks, IEnumerable<SizeLine> Sizes) OneSide(PartContext context) => ([], []);
}

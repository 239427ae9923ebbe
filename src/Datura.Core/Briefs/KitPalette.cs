using Datura.Core.Paint;
using Datura.Core.Shapes;

namespace Datura.Core.Briefs;

/// <summary>The colours of an idea in the paints of a kit.</summary>
/// <param name="stirs">Whether there is time to stir two paints together.</param>
internal sealed class KitPalette(Kit kit, IdeaPalette palette, Lab skin, IReadOnlyList<string> without, string? lips, bool stirs)
{
    // What must be seen from afar stands this much in L* off its ground, what may be found from near this much (common practice).
    private const double FromAfarL = 35;
    private const double FromNearL = 15;
    private const double StepWeight = 1.5;

    // Lightness tells more than hue at a distance (common practice).
    private const double LightnessWeight = 1.25;

    // A paint as it comes is taken before a mix that is hardly nearer (by judgement).
    private const double StirringCosts = 7;

    private readonly Kit allowed = kit with { Paints = [.. kit.Paints.Where(p => !without.Contains(p.Id))] };
    private readonly KitMixes mixes = KitMixes.Of(kit);

    /// <summary>The colour of the ground, once there is one.</summary>
    public Lab? Ground { get; set; }

    /// <summary>The paint for a coat of a part; null when the kit has none that may go there.</summary>
    /// <param name="slot">Of the palette; null for what the coat usually is.</param>
    /// <param name="tells">Whether it must be seen from afar.</param>
    /// <param name="beside">Colours already on the face.</param>
    public KitMixes.Mixed? For(CoatRole role, PartKind kind, string? slot, bool tells, IReadOnlyList<Lab> beside)
    {
        if (slot == "lip" && lips is not null && mixes.Single.FirstOrDefault(m => m.Of[0].Id == lips) is { } chosen)
        {
            return chosen;
        }

        var under = Ground ?? skin;
        if (!palette.Colours.TryGetValue(slot ?? Usual(role), out var wanted) || wanted.Count != 3)
        {
            var usual = SuggestedPaint.For(role, kind.HangsOn, allowed, new(under, beside));
            return mixes.Single.FirstOrDefault(m => m.Of[0].Id == usual);
        }

        Lab target = new(wanted[0], wanted[1], wanted[2]);
        var step = role.Stage is Stage.Base || !tells && role.Stage is Stage.Highlight or Stage.Depth ? 0 : tells ? FromAfarL : FromNearL;
        var fit = SuggestedPaint.Fit(role, kind.HangsOn, allowed).Select(p => p.Id).ToHashSet();
        return mixes.Single.Concat(stirs ? mixes.Pairs : []).Where(m => m.Of.All(p => fit.Contains(p.Id)))
            .MinBy(m => Misfit(m.Colour) + (m.Of.Count > 1 ? StirringCosts : 0));

        double Misfit(Lab colour) => Math.Sqrt(Math.Pow(LightnessWeight * (colour.L - target.L), 2) + Math.Pow(colour.A - target.A, 2) + Math.Pow(colour.B - target.B, 2))
            + StepWeight * Math.Max(0, step - Math.Abs(colour.L - under.L));
    }

    private static string Usual(CoatRole role) => role.Stage switch
    {
        Stage.Base => "ground",
        Stage.Depth => "shade",
        Stage.Line => "line",
        Stage.Highlight => "light",
        _ => role.Lightness < 30 ? "dark" : role.Lightness > 80 ? "light" : "accent",
    };
}
